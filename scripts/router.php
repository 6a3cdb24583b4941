<?php

declare(strict_types=1);

// Serves what lies in public/ with the headers the application gives its answers, and everything else through the application.
// Nothing outside that folder is served, whatever the path says, nor is it told whether it exists.

header_remove('X-Powered-By');

$public = (string) realpath(__DIR__.'/../public');
$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = str_contains($path, "\0") ? false : realpath($public.$path);
$types = ['css' => 'text/css; charset=utf-8', 'ico' => 'image/x-icon', 'js' => 'text/javascript; charset=utf-8', 'json' => 'application/json', 'map' => 'application/json', 'png' => 'image/png', 'svg' => 'image/svg+xml', 'txt' => 'text/plain; charset=utf-8', 'woff2' => 'font/woff2'];
$type = $file === false ? null : $types[pathinfo($file, PATHINFO_EXTENSION)] ?? null;

if ($file === false || $type === null || ! is_file($file) || ! str_starts_with($file, $public.DIRECTORY_SEPARATOR)) {
    require __DIR__.'/../public/index.php';

    return;
}

header("Content-Type: $type");
header('X-Content-Type-Options: nosniff');
header('Referrer-Policy: same-origin');
// names of built files carry a hash of their contents
header('Cache-Control: '.(str_starts_with($file, "$public/build/assets/") ? 'public, max-age=31536000, immutable' : 'no-cache'));
$understood = array_map(trim(...), explode(',', (string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '')));
$packed = null;
foreach (['br' => "$file.br", 'gzip' => "$file.gz"] as $encoding => $tight) {
    if ($packed === null && in_array($encoding, $understood, true) && is_file($tight)) {
        $packed = $tight;
        header("Content-Encoding: $encoding");
        header('Vary: Accept-Encoding');
    }
}
header('Content-Length: '.filesize($packed ?? $file));
$_SERVER['REQUEST_METHOD'] === 'HEAD' || readfile($packed ?? $file);
