<?php

declare(strict_types=1);

namespace App\Pages;

use Heurema\Drafting\SeenOpening;
use Heurema\Drafting\UprightView;
use Heurema\Geometry\Point;
use Heurema\Review\Finding;

/** Where findings are seen in a face or a section: at their opening, or where a section shows what they measured. */
final readonly class PlacesInView
{
    /** What a section cuts, or passes by no farther, is shown in it, mm. */
    private const BESIDE = 600.0;

    /** So high above the floor a place on plan is marked, mm. */
    private const ABOVE = 300.0;

    public function __construct(private UprightView $view) {}

    /** Null where it is not seen. */
    public function of(Finding $finding): ?Point
    {
        foreach ($this->view->openings as $seen) {
            if ($seen->opening->id() === $finding->subject->id()) {
                return self::middle($seen);
            }
        }

        return $this->view->cuts === [] ? null : $this->beside($finding);
    }

    /**
     * Marks moved up until none lies over another.
     *
     * @param list<array{int, Point}> $marks
     *
     * @return list<array{int, Point}>
     */
    public static function apart(array $marks, float $distance): array
    {
        $placed = [];
        foreach ($marks as [$number, $at]) {
            while (array_filter($placed, static fn(array $other): bool => $other[1]->distanceTo($at) < $distance) !== []) {
                $at = $at->plus(new Point(0.0, $distance / 4));
            }
            $placed[] = [$number, $at];
        }

        return $placed;
    }

    private static function middle(SeenOpening $seen): Point
    {
        return new Point(($seen->left + $seen->right) / 2, ($seen->sill + $seen->head) / 2);
    }

    /** What was measured where the section cuts it or passes by. */
    private function beside(Finding $finding): ?Point
    {
        foreach ($finding->outcome->witness as $witness) {
            $points = array_merge(...$witness->lines());
            $away = array_map($this->view->plane->away(...), $points);
            if (min($away) > self::BESIDE || max($away) < 0.0 || !isset($this->view->home->plans[$witness->storey])) {
                continue;
            }
            $across = array_map($this->view->plane->across(...), $points);
            $floor = $this->view->home->plans[$witness->storey]->storey->elevation ?? 0.0;

            return new Point((min($across) + max($across)) / 2, $floor + self::ABOVE);
        }

        return null;
    }
}
