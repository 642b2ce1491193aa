<?php

declare(strict_types=1);

/*
 * Run once by php-fpm when it starts (bin/lib/servers.sh): the classes that most requests need are then there
 * and linked for every worker, instead of being looked up file by file each time. Runs nothing of the application.
 */

// Whole packages, so that nobody has to keep a list of classes.
$packages = [
    'App', 'Carbon', 'Illuminate\Auth', 'Illuminate\Cache', 'Illuminate\Config', 'Illuminate\Container', 'Illuminate\Contracts',
    'Illuminate\Cookie', 'Illuminate\Database', 'Illuminate\Encryption', 'Illuminate\Events', 'Illuminate\Filesystem',
    'Illuminate\Foundation', 'Illuminate\Hashing', 'Illuminate\Http', 'Illuminate\Log', 'Illuminate\Pagination',
    'Illuminate\Pipeline', 'Illuminate\Routing', 'Illuminate\Session', 'Illuminate\Support', 'Illuminate\Translation',
    'Illuminate\View', 'Inertia', 'Kaddle\Core', 'Psr', 'Symfony\Component\Clock', 'Symfony\Component\HttpFoundation',
    'Symfony\Component\HttpKernel', 'Symfony\Component\Routing', 'Symfony\Component\Translation', 'Symfony\Contracts',
];
$isNeeded = sprintf('~^(?:%s)\\\\~', implode('|', array_map(preg_quote(...), $packages)));

// What hangs on a package that is not installed cannot be linked, which is a warning. Nothing uses it, so nobody has to read of it.
error_reporting(E_ALL & ~E_WARNING);

/** @var array<string, string> $classes */
$classes = require __DIR__ . '/../vendor/composer/autoload_classmap.php';
foreach ($classes as $class => $file) {
    if (preg_match($isNeeded, $class) === 1 && is_file($file)) {
        opcache_compile_file($file);
    }
}
