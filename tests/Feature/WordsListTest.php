<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** The list of words names what there is in code. */
final class WordsListTest extends TestCase
{
    public function test_every_name_of_the_list_is_one_of_the_code(): void
    {
        $root = dirname(__DIR__, 2);
        preg_match_all('/^\|.*\|.*\|(.*)\|$/m', (string) file_get_contents("{$root}/docs/words.md"), $rows);
        preg_match_all('/`([A-Z]\w+)(?:::\$?(\w+))?`/', implode("\n", $rows[1]), $names, PREG_SET_ORDER);
        self::assertGreaterThan(40, count($names));
        $files = [];
        foreach ((new Finder())->files()->in(["{$root}/app", "{$root}/core/src"])->name('*.php') as $file) {
            $files[$file->getBasename('.php')][] = $file->getContents();
        }
        foreach ($names as $name) {
            self::assertArrayHasKey($name[1], $files, "docs/words.md: there is no {$name[1]}");
            $member = $name[2] ?? '';
            self::assertStringContainsString($member, implode('', $files[$name[1]]), "docs/words.md: {$name[1]} has no {$member}");
        }
    }
}
