<?php

declare(strict_types=1);

$of = env('CACHE_STORE', 'bench');

return [
    // What one bench says to itself: that its worker lives, what a phone shows, how often was asked. Kept beside its database,
    // so that two benches of one machine never hear each other.
    'default' => $of,
    // What was computed, by what it was computed from: whichever bench made it.
    'kept' => $of === 'array' ? 'array' : 'file',
    'stores' => [
        'bench' => [
            'driver' => 'file',
            'path' => env('GLOW_DATABASE', storage_path('bench/bench.sqlite')).'.cache',
            'permission' => 0600,
        ],
    ],
];
