<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Projection\Facet;
use Heurema\Projection\ObliqueView;
use Heurema\Projection\SeenLine;
use Heurema\Projection\VisibleLines;
use Heurema\Review\Finding;
use Heurema\Review\SpatialWitness;
use Heurema\Scene\Material;
use Heurema\Scene\Part;
use Heurema\Scene\Scene;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\StoreyPlan;

/**
 * A storey from above and aside, its walls cut, with the names of its rooms and what a finding saw: an axonometric drawing without the
 * lines that something lies before. User units are mm, upwards negative.
 */
final readonly class AxonometricDrawing
{
    /** One looks from the lower right of the sheet. */
    private const TOWARDS = 120.0;
    private const ELEVATION = 42.0;

    /** The walls are cut so high over the floor, mm. */
    private const CUT = 1300.0;

    /** Shorter lines are left away, mm. */
    private const SHORTEST = 3.0;

    /** Around it, px. */
    private const MARGIN = 24.0;

    /** Size of the letters of names, px, and places that are tried to either side of the middle of a room. */
    private const LETTERS = 12.0;
    private const STEPS = 4;

    private ObliqueView $view;

    private VisibleLines $seen;

    /** @var list<SeenLine> */
    private array $lines;

    /** @var list<Facet> */
    private array $cuts;

    /** @param float $scale mm under a pixel */
    public function __construct(private Home $home, private StoreyPlan $plan, private float $scale, private ?Finding $finding = null)
    {
        $floor = $plan->storey->elevation ?? 0.0;
        $this->view = new ObliqueView(self::TOWARDS, self::ELEVATION, $floor + self::CUT);
        [$this->seen, $this->lines, $this->cuts] = $home->once("axonometric {$plan->storey->id}", function (): array {
            $facets = $this->view->facets($this->parts());
            $seen = new VisibleLines($facets);

            return [
                $seen,
                array_values(array_filter(
                    $seen->lines(),
                    static fn(SeenLine $one): bool => $one->line->length() >= self::SHORTEST,
                )),
                array_values(array_filter($facets, static fn(Facet $facet): bool => $facet->isCut)),
            ];
        });
    }

    /** Around all of it, mm of the drawing. */
    public function box(): Box
    {
        $places = array_merge(
            ...array_map(static fn(SeenLine $one): array => [$one->line->from, $one->line->to], $this->lines),
            ...array_map($this->places(...), $this->witnesses()),
        );

        return Box::around($places === [] ? [new Point(0.0, 0.0)] : $places)->grown(self::MARGIN * $this->scale);
    }

    public function draw(): string
    {
        return Svg::element('g', ['class' => 'upright'], implode('', [
            ...array_map(ProjectedBody::cut(...), $this->cuts),
            ...array_map(ProjectedBody::line(...), $this->lines),
        ])).implode('', $this->names()).$this->witness();
    }

    /** @return list<Part> of the storey, without what lies over it */
    private function parts(): array
    {
        return array_values(array_filter(
            Scene::parts($this->home),
            fn(Part $part): bool => $part->storey === $this->plan->storey->id
                && !in_array($part->material, [Material::Ceiling, Material::Roof], true),
        ));
    }

    /** @return list<string> names of rooms */
    private function names(): array
    {
        $names = [];
        foreach ($this->plan->rooms as $room) {
            $text = Svg::element('text', ['class' => 'room-name', 'y' => 4], Svg::text($room->name()));
            $names[] = Svg::pinned($this->place($room), 'room-label', $text);
        }

        return $names;
    }

    /** Where most of the name lies over the floor of its room, as it is seen; the nearest to the middle. */
    private function place(RoomSpace $room): Point
    {
        $floor = ($this->plan->storey->elevation ?? 0.0) + ($room->room->level ?? 0.0);
        $outline = $room->outline();
        $at = [$room->room->at->x, $room->room->at->y, $floor];
        if ($outline === null) {
            return $this->on($at);
        }
        $half = TextSize::width($room->name(), self::LETTERS) * $this->scale / 2;
        [$bounds, $middle, $best, $most] = [$outline->bounds(), $outline->bounds()->middle(), $this->on($at), -1.0];
        foreach (range(-self::STEPS, self::STEPS) as $column) {
            foreach (range(-self::STEPS, self::STEPS) as $row) {
                [$x, $y] = [$column / (2.4 * self::STEPS), $row / (2.4 * self::STEPS)];
                $point = new Point($middle->x + $x * $bounds->width(), $middle->y + $y * $bounds->height());
                $place = $this->on([$point->x, $point->y, $floor]);
                $score = $outline->contains($point) ? $this->clear($place, $half) - hypot($x, $y) : -1.0;
                [$best, $most] = $score > $most ? [$place, $score] : [$best, $most];
            }
        }

        return $best;
    }

    /** @return float at how many places of a text one sees the floor */
    private function clear(Point $middle, float $half): float
    {
        $clear = 0;
        foreach ([-1.0, -0.5, 0.0, 0.5, 1.0] as $share) {
            foreach ([-0.5, 0.5] as $up) {
                $place = $middle->plus(new Point($share * $half, $up * self::LETTERS * $this->scale));
                $clear += $this->seen->at($place)?->part->material === Material::Floor ? 1 : 0;
            }
        }

        return (float) $clear;
    }

    /** @return list<SpatialWitness> */
    private function witnesses(): array
    {
        return $this->finding === null ? [] : SpatialWitness::of($this->finding, $this->home);
    }

    /** @return non-empty-list<Point> */
    private function places(SpatialWitness $seen): array
    {
        return array_map($this->on(...), $seen->line);
    }

    private function witness(): string
    {
        $drawn = '';
        foreach ($this->witnesses() as $seen) {
            $places = $this->places($seen);
            $line = Svg::line($places).($seen->isOutline ? 'Z' : '');
            $middle = Box::around($places)->middle();
            $drawn .= Svg::element('path', ['class' => $seen->isOutline ? 'witness-outline' : 'witness-line', 'd' => $line])
                .Svg::pinned($middle, 'witness-figure', Svg::element('text', ['y' => -8], Svg::text($seen->text)));
        }
        $verdict = str_replace('_', '-', $this->finding?->verdict()->value ?? '');

        return $drawn === '' ? '' : Svg::element('g', ['class' => "witness witness-{$verdict}"], $drawn);
    }

    /** @param array{float, float, float} $place */
    private function on(array $place): Point
    {
        [$across, $up] = $this->view->place($place);

        return new Point($across, $up);
    }
}
