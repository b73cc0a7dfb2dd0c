<?php

declare(strict_types=1);

// Heavy builds are solved by a worker of their own, fed through a database beside that of the builds: a job is never worth a
// lock on what is kept.
return [
    'default' => 'database',
    'connections' => [
        'database' => [
            'driver' => 'database',
            'connection' => 'work',
            'table' => 'jobs',
            'queue' => 'solve',
            'retry_after' => 200,
            'after_commit' => false,
        ],
    ],
    'failed' => ['driver' => 'null'],
];
