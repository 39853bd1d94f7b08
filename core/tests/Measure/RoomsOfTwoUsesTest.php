<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Verdict;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Tests\Sketch;

/** A studio and a living and dining room are held against what is asked of either of their uses. */
final class RoomsOfTwoUsesTest extends MeasureTestCase
{
    public function test_what_a_use_is_among_other_things(): void
    {
        self::assertTrue(RoomUse::BedLiving->isAmong(RoomUse::Bedroom));
        self::assertTrue(RoomUse::BedLiving->isAmong(RoomUse::Hall, RoomUse::Living));
        self::assertTrue(RoomUse::BedLiving->isAmong(RoomUse::BedLiving));
        self::assertFalse(RoomUse::BedLiving->isAmong(RoomUse::Dining));
        self::assertFalse(RoomUse::Bedroom->isAmong(RoomUse::BedLiving));
        self::assertTrue(RoomUse::isSame('living', 'living_dining'));
        self::assertFalse(RoomUse::isSame('bedroom', 'living'));
        self::assertTrue(RoomUse::isSame('inward', 'inward'));
        self::assertFalse(RoomUse::isSame('inward', 'outward'));
    }

    public function test_measures_by_use_find_them(): void
    {
        $studio = Sketch::room(5000, 4000, 'bed_living');
        self::assertEqualsWithDelta(1.0, self::number('dwelling.room_count', $studio, 'dwelling', ['use' => 'bedroom']), 0.0);
        self::assertEqualsWithDelta(1.0, self::number('dwelling.room_count', $studio, 'dwelling', ['use' => 'living']), 0.0);
        self::assertEqualsWithDelta(0.0, self::number('dwelling.room_count', $studio, 'dwelling', ['use' => 'dining']), 0.0);
        self::assertEqualsWithDelta(0.0, self::number('dwelling.bedrooms', $studio, 'dwelling'), 0.0);
        $lacking = ['use' => 'bedroom', 'kind' => 'smoke_alarm'];
        self::assertEqualsWithDelta(1.0, self::number('dwelling.rooms_lacking', $studio, 'dwelling', $lacking), 0.0);
        self::assertEqualsWithDelta(20.0, self::number('dwelling.sum_of_areas', $studio, 'dwelling', ['uses' => 'bedroom, kitchen']), 1e-6);
        self::assertEqualsWithDelta(0.0, self::number('dwelling.sum_of_areas', $studio, 'dwelling', ['uses' => 'kitchen']), 1e-6);
    }

    public function test_rules_of_both_uses_ask_of_it(): void
    {
        $book = (new RuleBookReader(Catalogue::standard()))->readFile(dirname(__DIR__, 2).'/rulebooks/us-irc-2021.yaml');
        $asked = static function (string $use) use ($book): array {
            $rules = [];
            $report = (new Examiner(Catalogue::standard()))->examine(Sketch::room(5000, 4000, $use)->home(), [$book]);
            foreach ($report->findings as $finding) {
                if ($finding->subject->id() === 'r' && $finding->verdict() !== Verdict::NotApplicable) {
                    $rules[] = $finding->rule->id;
                }
            }

            return $rules;
        };
        self::assertContains('escape', $asked('bedroom'));
        self::assertNotContains('escape', $asked('living'));
        self::assertSame([], array_values(array_diff([...$asked('bedroom'), ...$asked('living')], $asked('bed_living'))));
        self::assertEqualsCanonicalizing($asked('living'), $asked('living_dining'));
    }
}
