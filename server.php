<?php

declare(strict_types=1);

/*
 * Router for PHP's built-in server: sends the built files compressed and with
 * cache headers, and everything else to the application.
 */

const TYPES = [
    'css' => 'text/css; charset=utf-8',
    'js' => 'text/javascript; charset=utf-8',
    'json' => 'application/json',
    'png' => 'image/png',
    'svg' => 'image/svg+xml',
    'webmanifest' => 'application/manifest+json',
    'woff2' => 'font/woff2',
];

const LEAST_COMPRESSED = 1_000;

const LARGEST_COMPRESSED = 4_000_000;

$path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = __DIR__.'/public'.$path;
$type = TYPES[pathinfo($path, PATHINFO_EXTENSION)] ?? null;

if ($type !== null && ! str_contains($path, '..') && is_file($file)) {
    header("Content-Type: {$type}");
    header('X-Content-Type-Options: nosniff');
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    if (is_file("{$file}.gz") && str_contains($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '', 'gzip')) {
        header('Content-Encoding: gzip');
        header('Vary: Accept-Encoding');
        $file .= '.gz';
    }
    header('Content-Length: '.filesize($file));
    if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
        readfile($file);
    }

    return true;
}

// Compressed as by nginx; what is longer than the buffer goes out as it comes.
ob_start(function (string $text, int $phase): string {
    $isWhole = ($phase & PHP_OUTPUT_HANDLER_START) !== 0 && ($phase & PHP_OUTPUT_HANDLER_FINAL) !== 0;
    if (! $isWhole || strlen($text) < LEAST_COMPRESSED || ! str_contains($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '', 'gzip')) {
        return $text;
    }
    header('Content-Encoding: gzip');
    header('Vary: Accept-Encoding', false);
    header_remove('Content-Length');

    return (string) gzencode($text, 5);
}, LARGEST_COMPRESSED);

$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = __DIR__.'/public/index.php';

require __DIR__.'/public/index.php';
