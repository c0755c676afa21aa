<?php

declare(strict_types=1);

/*
 * For PHP's own server, which the demo runs on: files of this folder with the headers a web server would give them, all else to the application.
 * Behind nginx or another server it is not used.
 */

$path = urldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = realpath(__DIR__.$path);
$types = [
    'css' => 'text/css; charset=utf-8', 'js' => 'text/javascript; charset=utf-8', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2',
    'json' => 'application/json', 'map' => 'application/json',
];
$type = $types[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
if ($file === false || $type === null || ! is_file($file) || ! str_starts_with($file, __DIR__.DIRECTORY_SEPARATOR)) {
    require __DIR__.'/index.php';

    return;
}

header("Content-Type: {$type}");
header('X-Content-Type-Options: nosniff');
header("Content-Security-Policy: default-src 'self'; style-src 'self' 'unsafe-inline'");
header('Vary: Accept-Encoding');
// What is built has its own hash in its name; the others are asked for again.
header(str_starts_with($path, '/build/assets/') ? 'Cache-Control: public, max-age=31536000, immutable' : 'Cache-Control: no-cache');
$mark = sprintf('"%x-%x"', filemtime($file), filesize($file));
header("ETag: {$mark}");
if (($_SERVER['HTTP_IF_NONE_MATCH'] ?? '') === $mark) {
    http_response_code(304);

    return;
}
if ($type !== 'font/woff2' && str_contains($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '', 'gzip')) {
    $small = is_file("{$file}.gz") ? (string) file_get_contents("{$file}.gz") : (string) gzencode((string) file_get_contents($file), 6);
    header('Content-Encoding: gzip');
    header('Content-Length: '.strlen($small));
    echo $small;

    return;
}
header('Content-Length: '.filesize($file));
readfile($file);
