<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** Code can be read without moving it sideways. */
final class LineLengthTest extends TestCase
{
    private const MOST = 140;
    private const FOLDERS = ['app', 'bench', 'bootstrap', 'config', 'core', 'database', 'resources/js', 'routes', 'tests'];

    public function test_no_line_is_longer_than_140_characters(): void
    {
        $root = dirname(__DIR__, 2);
        $folders = array_map(static fn(string $folder): string => "{$root}/{$folder}", self::FOLDERS);
        $long = [];
        foreach ((new Finder())->files()->name(['*.php', '*.js'])->in($folders)->exclude('cache') as $file) {
            foreach (explode("\n", $file->getContents()) as $number => $line) {
                if (mb_strlen($line) > self::MOST) {
                    $long[] = "{$file->getPathname()}:".($number + 1);
                }
            }
        }
        self::assertSame([], $long);
    }
}
