<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Drawing\DimensionStyle;
use App\Drawing\PlanDimensions;
use App\Drawing\PlanLayers;
use Heurema\Drafting\Dimension;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\StoreyPlan;

/** What somebody who builds by the sheets would ask back. */
final readonly class SheetCheck
{
    /** Two rows of dimensions are beside one another up to this distance, mm of paper. */
    private const BESIDE = 15.0;

    /** Lengths that agree, mm of the home. */
    private const SAME = 1.0;

    /** Of plans whose scale is found when they are drawn; rows of dimensions are as far apart on paper at any. */
    private const USUAL = 100;

    public function __construct(private Home $home, private DimensionStyle $style) {}

    /** @return list<string> sentences; empty: nothing is missing */
    public function of(SheetSet $set): array
    {
        $plans = array_filter(
            array_merge(...array_map(static fn(SheetDefinition $sheet): array => $sheet->views, $set->sheets)),
            static fn(ViewDefinition $view): bool => $view->kind === ViewKind::Plan,
        );
        $shown = array_unique(array_map(static fn(ViewDefinition $view): string => $view->of, $plans));
        $said = [];
        foreach ($this->home->layout->storeys as $storey) {
            array_push($said, ...in_array($storey->id, $shown, true) ? $this->ofStorey($storey) : [__(':name is on no sheet.', [
                'name' => $storey->name,
            ])]);
        }
        foreach ($plans as $view) {
            array_push($said, ...$this->twice($view, $view->scale ?? self::USUAL));
        }

        return array_values(array_unique($said));
    }

    /** @return list<string> */
    private function ofStorey(Storey $storey): array
    {
        $rooms = array_filter($this->home->rooms, static fn(RoomSpace $room): bool => $room->storey() === $storey->id);
        $openings = array_filter($this->home->openings, static fn(PlacedOpening $opening): bool => $opening->storey() === $storey->id);

        return [
            ...array_map(
                static fn(RoomSpace $room): string => __('A room of :storey has no name.', ['storey' => $storey->name]),
                array_values(
                    array_filter($rooms, static fn(RoomSpace $room): bool => in_array(trim($room->room->name), ['', $room->id()], true)),
                ),
            ),
            ...array_map(
                static fn(RoomSpace $room): string => __(':room has no size: walls do not close around it.', ['room' => $room->name()]),
                array_values(array_filter($rooms, static fn(RoomSpace $room): bool => $room->outline() === null)),
            ),
            ...array_map(
                static fn(PlacedOpening $opening): string => __(':opening cannot be set out: :missing not said.', [
                    'opening' => $opening->name(),
                    'missing' => implode(__(' and '), self::missing($opening)),
                ]),
                array_values(array_filter($openings, static fn(PlacedOpening $opening): bool => self::missing($opening) !== [])),
            ),
        ];
    }

    /** @return list<string> what has to be known to build it */
    private static function missing(PlacedOpening $placed): array
    {
        $opening = $placed->opening;
        $isWindow = $opening->kind === OpeningKind::Window;

        return array_keys(array_filter([
            __('its width is') => $opening->width === null,
            __('its height is') => $opening->height === null && $opening->kind !== OpeningKind::Bare,
            __('its sill is') => $isWindow && $opening->sill === null,
        ]));
    }

    /** @return list<string> what a plan has in two rows beside one another */
    private function twice(ViewDefinition $view, int $scale): array
    {
        $plan = $this->home->plans[$view->of] ?? null;
        if ($plan === null || !$view->layers->hasDimensions()) {
            return [];
        }
        $found = [];
        $dimensions = $this->dimensions($plan, $view, $scale);
        foreach ($dimensions as $number => $one) {
            foreach (array_slice($dimensions, $number + 1) as $other) {
                if (self::isSame($one, $other, self::BESIDE * $scale)) {
                    $length = $this->style->lengths->write($one->length(), $this->home->layout);
                    $found[] = __(':length is dimensioned twice on :name:it.', [
                        'length' => $length,
                        'name' => $plan->storey->name,
                        'it' => $view->layers === PlanLayers::Complete ? '' : $view->layers->suffix(),
                    ]);
                }
            }
        }

        return $found;
    }

    /** @return list<Dimension> */
    private function dimensions(StoreyPlan $plan, ViewDefinition $view, int $scale): array
    {
        return (new PlanDimensions($this->home, $plan, $view->style($this->style), SheetStyle::PIXEL * $scale))->all();
    }

    /** Are they beside one another, from the same line to the same line? */
    private static function isSame(Dimension $one, Dimension $other, float $beside): bool
    {
        $line = $one->line;
        $ends = [$line->along($other->line->from), $line->along($other->line->to)];

        return abs($line->leftOf($other->line->from)) <= $beside
            && abs($line->leftOf($other->line->to)) <= $beside
            && abs(min($ends)) <= self::SAME
            && abs(max($ends) - $line->length()) <= self::SAME;
    }
}
