<?php

declare(strict_types=1);

// Every PHP package that is installed, those that others ask for included, by version and
// content, since Composer writes no lock here.
//   php bin/lib/pins.php with application|core   options for “composer update”, a line each
//   php bin/lib/pins.php check                   compares what is installed with dependencies.json
//   php bin/lib/pins.php write                   takes what is installed for what is wanted

const PLACES = ['application' => '', 'core' => 'core/'];
$root = dirname(__DIR__, 2);
$list = "$root/dependencies.json";

/** SHA-256 over names and contents of all files of a package. */
function contentOf(string $folder): string
{
    $files = [];
    /** @var SplFileInfo $file */
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file->isFile()) {
            $files[substr($file->getPathname(), strlen($folder))] = hash_file('sha256', $file->getPathname());
        }
    }
    ksort($files, SORT_STRING);

    return hash('sha256', (string) json_encode($files, JSON_THROW_ON_ERROR));
}

/** @return array<string, string> version and content, by name */
function installed(string $vendor): array
{
    $found = [];
    foreach (json_decode((string) file_get_contents("$vendor/composer/installed.json"), true, 64, JSON_THROW_ON_ERROR)['packages'] as $package) {
        if ($package['dist']['type'] !== 'path') {
            $found[$package['name']] = $package['version'] . ' ' . contentOf("$vendor/{$package['name']}");
        }
    }
    ksort($found);

    return $found;
}

$wanted = is_file($list) ? json_decode((string) file_get_contents($list), true, 8, JSON_THROW_ON_ERROR) : [];
$command = $argv[1] ?? '';
if ($command === 'with' && isset(PLACES[$argv[2] ?? ''])) {
    foreach ($wanted[$argv[2]] ?? [] as $name => $package) {
        echo "--with=$name:" . strtok($package, ' ') . "\n";
    }
    exit(0);
}
$found = array_map(static fn(string $place): array => installed("$root/{$place}vendor"), PLACES);
if ($command === 'write') {
    file_put_contents($list, json_encode($found, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR) . "\n");
    exit(0);
}
if ($command !== 'check') {
    fwrite(STDERR, "with application|core, check or write\n");
    exit(2);
}
$faults = 0;
foreach (PLACES as $place => $_) {
    foreach (array_keys($found[$place] + ($wanted[$place] ?? [])) as $name) {
        [$is, $should] = [$found[$place][$name] ?? null, $wanted[$place][$name] ?? null];
        if ($is !== $should) {
            ++$faults;
            echo match (true) {
                $should === null => "$place: $name $is is installed, and not in dependencies.json\n",
                $is === null => "$place: $name $should is not installed\n",
                default => "$place: $name is $is, not $should\n",
            };
        }
    }
}
printf("%d packages, %d faults\n", count($found['application']) + count($found['core']), $faults);
exit($faults === 0 ? 0 : 1);
