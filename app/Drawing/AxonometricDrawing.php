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
    /** Around it, px. */
    public const MARGIN = 24.0;

    /** One looks from the lower right of the sheet. */
    private const TOWARDS = 120.0;
    private const ELEVATION = 42.0;

    /** The walls are cut so high over the floor, mm. */
    private const CUT = 1300.0;

    /** Shorter lines are left away, mm. */
    private const SHORTEST = 3.0;

    /** Places for a name that are tried to either side of the middle of a room. */
    private const STEPS = 4;

    /** The middle of a figure stands so high over the middle of its line, px. */
    private const FIGURE_OVER = 12.0;

    private VisibleLines $seen;

    /** @var list<SeenLine> */
    private array $lines;

    /** @var list<Facet> */
    private array $cuts;

    /** @param float $scale mm under a pixel */
    public function __construct(private Home $home, private StoreyPlan $plan, private float $scale, private ?Finding $finding = null)
    {
        $floor = $plan->storey->elevation ?? 0.0;
        [$this->seen, $this->lines, $this->cuts] = $home->once("axonometric {$plan->storey->id}", function () use ($floor): array {
            $facets = (new ObliqueView(self::TOWARDS, self::ELEVATION, $floor + self::CUT))->facets($this->parts());
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

    /** @param array{float, float, float} $place in space, where it is drawn */
    public static function on(array $place): Point
    {
        [$across, $up] = (new ObliqueView(self::TOWARDS, self::ELEVATION))->place($place);

        return new Point($across, $up);
    }

    /** Around all of it, mm of the drawing. */
    public function box(): Box
    {
        $places = array_merge(
            ...array_map(static fn(SeenLine $one): array => [$one->line->from, $one->line->to], $this->lines),
            ...array_map(self::line(...), $this->witnesses()),
        );

        return Box::around($places === [] ? [new Point(0.0, 0.0)] : $places)->grown(self::MARGIN * $this->scale);
    }

    public function draw(): string
    {
        $figures = array_map(fn(SpatialWitness $seen): Box => Box::at(
            Box::around(self::line($seen))->middle()->plus(new Point(0.0, self::FIGURE_OVER * $this->scale)),
            TextSize::width($seen->text, AxonometricNames::LETTERS) * $this->scale,
            AxonometricNames::LETTERS * $this->scale,
        ), $this->witnesses());

        return $this->body().$this->names()->draw($figures).$this->witness();
    }

    /** The home alone. */
    public function body(): string
    {
        return Svg::element('g', ['class' => 'upright'], implode('', [
            ...array_map(ProjectedBody::cut(...), $this->cuts),
            ...array_map(ProjectedBody::line(...), $this->lines),
        ]));
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

    public function names(): AxonometricNames
    {
        return new AxonometricNames(
            array_values(array_map(fn(RoomSpace $room): array => [$room->name(), $this->places($room)], $this->plan->rooms)),
            $this->scale,
        );
    }

    /**
     * Where the name of a room may stand over its floor as it is seen: where most of it does, and near the middle, first.
     *
     * @return non-empty-list<array{float, float, float}>
     */
    private function places(RoomSpace $room): array
    {
        $floor = ($this->plan->storey->elevation ?? 0.0) + $room->level();
        $outline = $room->outline();
        $own = self::on([$room->room->at->x, $room->room->at->y, $floor]);
        $places = [[$own->x, $own->y, -1.0]];
        $half = TextSize::width($room->name(), AxonometricNames::LETTERS) * $this->scale / 2;
        if ($outline === null) {
            return $places;
        }
        [$bounds, $middle] = [$outline->bounds(), $outline->bounds()->middle()];
        foreach (range(-self::STEPS, self::STEPS) as $column) {
            foreach (range(-self::STEPS, self::STEPS) as $row) {
                [$x, $y] = [$column / (2.4 * self::STEPS), $row / (2.4 * self::STEPS)];
                $point = new Point($middle->x + $x * $bounds->width(), $middle->y + $y * $bounds->height());
                if ($outline->contains($point)) {
                    $place = self::on([$point->x, $point->y, $floor]);
                    $places[] = [$place->x, $place->y, $this->clear($place, $half) - hypot($x, $y)];
                }
            }
        }
        usort($places, static fn(array $a, array $b): int => $b[2] <=> $a[2]);

        return $places;
    }

    /** @return float at how many places of a text one sees the floor */
    private function clear(Point $middle, float $half): float
    {
        $clear = 0;
        foreach ([-1.0, -0.5, 0.0, 0.5, 1.0] as $share) {
            foreach ([-0.5, 0.5] as $up) {
                $place = $middle->plus(new Point($share * $half, $up * AxonometricNames::LETTERS * $this->scale));
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
    private static function line(SpatialWitness $seen): array
    {
        return array_map(self::on(...), $seen->line);
    }

    private function witness(): string
    {
        $drawn = '';
        foreach ($this->witnesses() as $seen) {
            $places = self::line($seen);
            $line = Svg::line($places).($seen->isOutline ? 'Z' : '');
            $middle = Box::around($places)->middle();
            $drawn .= Svg::element('path', ['class' => $seen->isOutline ? 'witness-outline' : 'witness-line', 'd' => $line])
                .Svg::pinned($middle, 'witness-figure', Svg::element('text', ['y' => -8], Svg::text($seen->text)));
        }
        $verdict = str_replace('_', '-', $this->finding?->verdict()->value ?? '');

        return $drawn === '' ? '' : Svg::element('g', ['class' => "witness witness-{$verdict}"], $drawn);
    }
}
