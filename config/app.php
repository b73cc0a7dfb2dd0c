<?php

declare(strict_types=1);

return [
    'name' => 'Bench Glow',
    // One number for the package, the command line, the pages and what they export.
    'version' => json_decode((string) file_get_contents(__DIR__.'/../composer.json'))->version,
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8000'),
    'timezone' => env('GLOW_TIMEZONE', 'UTC'),
    'locale' => 'en',
    'key' => env('APP_KEY'),
    // A digest of core/, handed over by bin/glow start: solved builds are kept under it.
    'core' => env('GLOW_CORE'),
    // Where what runs says that it does; the bench is opened to the local net by files in it.
    'run' => env('GLOW_RUN', storage_path('run')),
    // The authority that signs what is served on the local net.
    'authority' => env('GLOW_AUTHORITY', storage_path('app/authority')),
    // Where pictures of the work are kept.
    'photos' => env('GLOW_PHOTOS', storage_path('app/photos')),
    'cipher' => 'AES-256-CBC',
];
