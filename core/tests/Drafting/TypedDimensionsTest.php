<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\Chain;
use Heurema\Drafting\Dimension;
use Heurema\Drafting\OutsideChains;
use Heurema\Drafting\PlanSide;
use Heurema\Drafting\RoomChains;
use Heurema\Drafting\SetDimension;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use Heurema\Spatial\WallDatum;
use Heurema\Tests\FurnishedPlan;
use Heurema\Tests\RandomPlan;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever dimension is typed, whichever of its ends moves: it is then what was typed. */
final class TypedDimensionsTest extends TestCase
{
    /** @return iterable<string, array{Layout}> */
    public static function homes(): iterable
    {
        $files = glob(__DIR__.'/../../../database/demo/*.json');
        foreach ($files === false ? [] : $files as $file) {
            yield basename($file) => [(new LayoutReader())->read((string) file_get_contents($file))];
        }
        foreach ([FurnishedPlan::document(7, 6), FurnishedPlan::document(12, 6), RandomPlan::document(5, 6, false)] as $document) {
            yield json_encode($document['name'], JSON_THROW_ON_ERROR) => [(new LayoutReader())->read(json_encode(
                $document,
                JSON_THROW_ON_ERROR,
            ))];
        }
    }

    #[DataProvider('homes')]
    public function test_what_was_typed_is_what_it_shows(Layout $layout): void
    {
        [$typed, $lost] = [0, 0];
        foreach ($layout->storeys as $number => $storey) {
            foreach (WallDatum::cases() as $turn => $datum) {
                $dimensions = self::dimensions($layout, $storey->id, $datum);
                foreach (array_keys($dimensions) as $place => $key) {
                    $dimension = $dimensions[$key];
                    $wanted = round($dimension->length() + [21.0, -33.3, 150.0, 7.9375][$place % 4], 4);
                    foreach (['from', 'to'] as $end) {
                        $element = $end === 'from' ? $dimension->from : $dimension->to;
                        // one datum in three for each, all of them in turn
                        $edited = $element === null || $wanted < 10 || ($place + $number) % 3 !== $turn
                            ? null
                            : self::edited($layout, new SetDimension($dimension->line, $wanted, $element, $end === 'from'));
                        if ($edited !== null) {
                            $now = (self::dimensions($edited, $storey->id, $datum)[$key] ?? null)?->length();
                            // the longer side of a room may have become the shorter, and another wall a stop between
                            self::assertEqualsWithDelta($wanted, $now ?? $wanted, 0.05, "{$key} {$end} {$datum->value}");
                            $typed += $now === null ? 0 : 1;
                            $lost += $now === null ? 1 : 0;
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(4 + 5 * $lost, $typed);
    }

    public function test_an_overall_of_36_feet_is_36_feet_over_outside_faces(): void
    {
        $layout = Sketch::room(9000, 6000)->layout();
        foreach (PlanSide::cases() as $side) {
            $overall = (new OutsideChains((new Home($layout))->plans['G'], WallDatum::Finished))->corners(500)[$side->value]->overall()[0];
            foreach ([$overall->from, $overall->to] as $number => $element) {
                $edited = self::edited($layout, new SetDimension($overall->line, 36 * 304.8, (string) $element, $number === 0));
                self::assertNotNull($edited);
                $box = (new Home($edited))->plans['G']->mass->slab()[0]->bounds();
                self::assertEqualsWithDelta(36 * 304.8, $side->isAcross() ? $box->width() : $box->height(), 1e-3);
            }
        }
    }

    private static function edited(Layout $layout, SetDimension $edit): ?Layout
    {
        try {
            return (new Editor())->apply($layout, $edit)->layout;
        } catch (RefusedEdit $e) {
            self::assertMatchesRegularExpression('/would|expected an opening that lies on its wall/', $e->getMessage());

            return null;
        }
    }

    /** @return array<string, Dimension> by where they are and what stands at their ends */
    private static function dimensions(Layout $layout, string $storey, WallDatum $datum): array
    {
        $plan = (new Home($layout))->plans[$storey];
        $outside = new OutsideChains($plan, $datum);
        $chains = [];
        foreach ([
            ...array_map(static fn(Chain $chain): array => $chain->parts(), array_values($outside->openings(500))),
            ...array_map(static fn(Chain $chain): array => $chain->overall(), array_values($outside->corners(900))),
        ] as $number => $parts) {
            $chains["outside {$number}"] = $parts;
        }
        foreach ($plan->rooms as $room) {
            foreach (RoomChains::of($room, $datum) as $number => $chain) {
                $chains["{$room->id()} {$number}"] = $chain->parts();
            }
        }
        $found = [];
        foreach ($chains as $where => $parts) {
            foreach ($parts as $part) {
                // an opening's own width is not changed by moving it; two of one wall are told apart by what is beside them
                if ($part->from !== $part->to) {
                    $found["{$where}: {$part->from} to {$part->to}"] ??= $part;
                }
            }
        }

        return $found;
    }
}
