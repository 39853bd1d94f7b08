<?php

declare(strict_types=1);

/*
 * The exact version and the checksum of every Composer package, as they are installed:
 *
 *     php bin/setup/pins.php            writes packages/ (bin/pin does it after an update)
 *     php bin/setup/pins.php --free [package ...]   leaves the versions open, of all or of some
 *     php bin/setup/pins.php --check    compares what is installed with packages/checksums; exit 1 where something differs
 *
 * The versions stand in two metapackages that composer.json requires, so that every tool of Composer knows them. A checksum is of the
 * paths and contents of all files of a package: no address is needed for it, wherever it came from.
 */

chdir(dirname(__DIR__, 2));

/** @param array<string, mixed> $package as vendor/composer/installed.json has it */
function checksum(array $package): string
{
    $folder = 'vendor/composer/'.$package['install-path'];
    $files = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        $files[substr($file->getPathname(), strlen($folder))] = hash_file('sha256', $file->getPathname());
    }
    ksort($files, SORT_STRING);

    return hash('sha256', json_encode($files, JSON_THROW_ON_ERROR));
}

/** @param array<string, string> $versions by name */
function writeVersions(string $name, string $description, array $versions): void
{
    $package = ['name' => "heurema/{$name}", 'description' => $description, 'type' => 'metapackage', 'version' => '1.0.0', 'require' => (object) $versions];
    file_put_contents(
        "packages/{$name}/composer.json",
        json_encode($package, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES)."\n",
    );
}

if (($argv[1] ?? '') === '--free') {
    foreach (['versions', 'versions-dev'] as $name) {
        $package = json_decode((string) file_get_contents("packages/{$name}/composer.json"), true, 512, JSON_THROW_ON_ERROR);
        $freed = array_slice($argv, 2) === [] ? [] : array_diff_key($package['require'], array_flip(array_slice($argv, 2)));
        writeVersions($name, $package['description'], $freed);
    }
    exit(0);
}

$installed = json_decode((string) file_get_contents('vendor/composer/installed.json'), true, 512, JSON_THROW_ON_ERROR);
$packages = array_filter($installed['packages'], static fn(array $package): bool => ($package['install-path'] ?? null) !== null);
$names = array_column($packages, 'name');
$checksums = array_combine($names, array_map(checksum(...), $packages));
ksort($checksums);

if (in_array('--check', $argv, true)) {
    $kept = [];
    foreach (file('packages/checksums', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        [$sum, $name] = explode('  ', $line);
        $kept[$name] = $sum;
    }
    foreach (array_diff_assoc($checksums, $kept) as $name => $sum) {
        fwrite(STDERR, "{$name} is not what packages/checksums says.\n");
    }
    exit(array_diff_assoc($checksums, $kept) === [] ? 0 : 1);
}

$versions = array_combine($names, array_map(static fn(array $package): string => ltrim($package['version'], 'v'), $packages));
ksort($versions);
$dev = array_flip($installed['dev-package-names']);
writeVersions('versions', 'The exact versions of all packages that the application needs.', array_diff_key($versions, $dev));
writeVersions('versions-dev', 'The exact versions of all packages that its tests need besides.', array_intersect_key($versions, $dev));
file_put_contents('packages/checksums', implode('', array_map(
    static fn(string $name, string $sum): string => "{$sum}  {$name}\n",
    array_keys($checksums),
    $checksums,
)));
