<?php

declare(strict_types=1);

// Files, not the database: otherwise each page view becomes a writer beside the edits.
return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'cookie' => 'bench_glow',
    'same_site' => 'strict',
    'lifetime' => 60 * 24 * 30,
];
