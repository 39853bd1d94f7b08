<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;

/** What every measure and every rule comes to on the homes of the demonstration, and where it is shown. */
final class DemoHomesTest extends KeptDigests
{
    public function test_measures_and_rules_come_to_what_they_did(): void
    {
        self::assertAsKept('demo-homes', ['measures' => self::measurements(self::homes()), 'rules' => self::findings(self::homes())]);
    }

    /** @return iterable<string, Home> */
    private static function homes(): iterable
    {
        $files = glob(dirname(__DIR__, 3).'/database/demo/*.json');
        foreach ($files === false ? [] : $files as $file) {
            yield basename($file, '.json') => new Home((new LayoutReader())->read((string) file_get_contents($file)));
        }
    }
}
