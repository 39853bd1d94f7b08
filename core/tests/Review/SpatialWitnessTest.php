<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Witness;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Review\SpatialWitness;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

/** What findings saw stands where it was measured: on the floor, over the step, upright from what a height is measured from. */
final class SpatialWitnessTest extends TestCase
{
    private static function report(string $home): Report
    {
        return self::examined((new LayoutReader())->read((string) file_get_contents(dirname(__DIR__, 3)."/database/demo/{$home}.json")));
    }

    private static function examined(Layout $layout): Report
    {
        $measures = Catalogue::standard();
        $book = (new RuleBookReader($measures))->readFile(__DIR__.'/../../rulebooks/us-irc-2021.yaml');

        return (new Examiner($measures))->examine(new Home($layout), [$book]);
    }

    public function test_headroom_stands_on_the_tread_that_decides(): void
    {
        $report = self::report('orchard-terrace');
        $found = array_values(array_filter($report->findings, static fn(Finding $one): bool => $one->rule->id === 'stair-headroom'));
        self::assertNotSame([], $found);
        $headroom = $found[0]->outcome->measured->number ?? 0.0;
        [$seen] = SpatialWitness::of($found[0], $report->home);
        [$foot, $top] = $seen->line;
        self::assertEqualsWithDelta($headroom, $top[2] - $foot[2], 1e-6);
        self::assertSame([$foot[0], $foot[1]], [$top[0], $top[1]]);
        self::assertGreaterThan($report->home->plans['G']->storey->elevation ?? 0.0, $foot[2], 'over the floor, on a tread');
    }

    /** A mark stands as high as the height that it shows, and else 1100 mm. */
    public function test_marks_stand_over_the_floor(): void
    {
        $heights = $poles = 0;
        foreach (['orchard-terrace', 'heron-bungalow'] as $name) {
            $report = self::report($name);
            foreach ($report->findings as $finding) {
                $shown = SpatialWitness::of($finding, $report->home);
                foreach ($finding->outcome->witness as $number => $witness) {
                    if ($witness->type !== Witness::MARK) {
                        continue;
                    }
                    [$foot, $top] = $shown[$number]->line;
                    self::assertSame([$foot[0], $foot[1]], [$top[0], $top[1]]);
                    $isHeight = in_array($finding->rule->id, ['ceiling-habitable', 'ceiling-wet', 'stair-headroom'], true);
                    $high = $top[2] - $foot[2];
                    $floor = $report->home->plans[$witness->storey]->storey->elevation;
                    $base = $finding->rule->id === 'ceiling-habitable' ? $floor : $foot[2];
                    self::assertSame($base, $foot[2], 'on the floor, not on a stair');
                    self::assertEqualsWithDelta($isHeight ? $finding->outcome->measured?->number : $high, $high, 1e-6);
                    $heights += (int) $isHeight;
                    $poles += (int) ($high === 1100.0);
                }
            }
        }
        self::assertGreaterThan(5, min($heights, $poles));
    }

    public function test_a_storey_without_a_level_lies_at_none(): void
    {
        $report = self::examined(Sketch::room(4000, 3000)->with(['elevation' => null])->layout());
        $lowest = INF;
        foreach ($report->findings as $finding) {
            foreach (SpatialWitness::of($finding, $report->home) as $seen) {
                $lowest = min([$lowest, ...array_column($seen->line, 2)]);
            }
        }
        self::assertSame(0.0, $lowest);
    }

    public function test_outlines_and_lengths_lie_on_the_floor_of_their_storey(): void
    {
        $checked = 0;
        foreach (['orchard-terrace', 'heron-bungalow'] as $name) {
            $report = self::report($name);
            foreach ($report->findings as $finding) {
                foreach (SpatialWitness::of($finding, $report->home) as $number => $seen) {
                    $storey = $report->home->plans[$finding->outcome->witness[$number]->storey]->storey;
                    $heights = array_column($seen->line, 2);
                    self::assertGreaterThanOrEqual(($storey->elevation ?? 0.0) - 2000.0, min($heights));
                    if ($seen->isOutline) {
                        self::assertCount(1, array_unique($heights), 'it lies level');
                        self::assertGreaterThanOrEqual(3, count($seen->line));
                    }
                    self::assertSame([], array_filter(array_merge(...$seen->line), static fn(float $mm): bool => !is_finite($mm)));
                    ++$checked;
                }
            }
        }
        self::assertGreaterThan(150, $checked);
    }
}
