<?php

declare(strict_types=1);

// PHP's own server: files of public/ as they are, with a long life for fonts; everything else to the application.
$path = parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
$file = is_string($path) ? realpath(__DIR__.'/../public'.$path) : false;
$assets = realpath(__DIR__.'/../public/assets');
if (is_string($file) && is_string($assets) && is_file($file) && str_starts_with($file, $assets.DIRECTORY_SEPARATOR)) {
    $types = [
        'css' => 'text/css',
        'js' => 'text/javascript',
        'svg' => 'image/svg+xml',
        'woff2' => 'font/woff2',
        'txt' => 'text/plain',
    ];
    header('Content-Type: '.($types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('Cache-Control: '.(str_ends_with($file, '.woff2') ? 'max-age=31536000, immutable' : 'no-cache'));
    header('X-Content-Type-Options: nosniff');
    $tag = '"'.filemtime($file).'-'.filesize($file).'"';
    header("ETag: {$tag}");
    if (($_SERVER['HTTP_IF_NONE_MATCH'] ?? '') === $tag) {
        http_response_code(304);

        return true;
    }
    // Text is packed where the browser takes it; fonts are packed already.
    $packs =
        preg_match('/\.(css|js|svg|txt)$/', $file) === 1 &&
        str_contains((string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? ''), 'gzip');
    if ($packs) {
        header('Content-Encoding: gzip');
        header('Vary: Accept-Encoding');
        echo gzencode((string) file_get_contents($file), 6);

        return true;
    }
    readfile($file);

    return true;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
require __DIR__.'/../public/index.php';
