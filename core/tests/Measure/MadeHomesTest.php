<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use Heurema\Tests\FurnishedPlan;

/** What every measure and every rule comes to on homes that are made by a seed, and where it is shown. */
final class MadeHomesTest extends KeptDigests
{
    private const SEEDS = [2, 3, 5, 8, 13, 21, 34, 55];

    public function test_measures_and_rules_come_to_what_they_did(): void
    {
        self::assertAsKept('made-homes', ['measures' => self::measurements(self::homes()), 'rules' => self::findings(self::homes())]);
    }

    /** @return iterable<string, Home> */
    private static function homes(): iterable
    {
        foreach (self::SEEDS as $seed) {
            $document = json_encode(FurnishedPlan::document($seed), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
            yield "seed {$seed}" => new Home((new LayoutReader())->read($document));
        }
    }
}
