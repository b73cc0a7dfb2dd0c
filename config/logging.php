<?php

declare(strict_types=1);

use App\Support\QuietLog;

return [
    'default' => 'single',
    'channels' => [
        'single' => [
            'driver' => 'single',
            'path' => storage_path('logs/laravel.log'),
            'level' => env('LOG_LEVEL', 'debug'),
            'tap' => [QuietLog::class],
        ],
    ],
];
