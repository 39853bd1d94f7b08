<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Spatial\Home;
use Heurema\Tests\WithoutKey;

/** What every measure comes to on a home of which one key after the other is not said of any element. */
final class UnsaidKeysTest extends KeptDigests
{
    public function test_measures_come_to_what_they_did(): void
    {
        self::assertAsKept('unsaid-keys', ['measures' => self::measurements(self::homes())]);
    }

    /** @return iterable<string, Home> */
    private static function homes(): iterable
    {
        $json = (string) file_get_contents(dirname(__DIR__, 3).'/database/demo/orchard-terrace.json');
        preg_match_all('/"([a-z_]+)":/', $json, $found);
        foreach (array_unique($found[1]) as $key) {
            $layout = WithoutKey::read($json, $key);
            if ($layout !== null) {
                yield "without {$key}" => new Home($layout);
            }
        }
    }
}
