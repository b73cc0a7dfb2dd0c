<?php

declare(strict_types=1);

$database = env('GLOW_DATABASE', storage_path('bench/bench.sqlite'));

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => $database,
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            'synchronous' => 'FULL',
        ],
        'work' => [
            'driver' => 'sqlite',
            'database' => $database === ':memory:' ? ':memory:' : "{$database}.work",
            'prefix' => '',
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
