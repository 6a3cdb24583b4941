<?php

/* Router for PHP's own server: files in public/ as they are, everything else through the framework. */

$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));

if ($path !== '/' && is_file(__DIR__.'/../public'.$path)) {
    return false;
}

require __DIR__.'/../public/index.php';
