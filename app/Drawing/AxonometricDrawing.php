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
use Heurema\Spatial\StoreyPlan;

/**
 * A storey from above and aside, its walls cut, with the names of its rooms and what a finding saw: an axonometric drawing without the lines
 * that something lies before. User units are mm, upwards negative.
 */
final readonly class AxonometricDrawing
{
    /** One looks from the lower right of the sheet. */
    private const TOWARDS = 120.0;
    private const ELEVATION = 42.0;

    /** The walls are cut so high over the floor, mm. */
    private const CUT = 1300.0;

    /** Around it, px. */
    private const MARGIN = 24.0;

    private ObliqueView $view;

    /** @var list<SeenLine> */
    private array $lines;

    /** @var list<Facet> */
    private array $cuts;

    /** @param float $scale mm under a pixel */
    public function __construct(private Home $home, private StoreyPlan $plan, private float $scale, private ?Finding $finding = null)
    {
        $floor = $plan->storey->elevation ?? 0.0;
        $this->view = new ObliqueView(self::TOWARDS, self::ELEVATION, $floor + self::CUT);
        [$this->lines, $this->cuts] = $home->once("axonometric {$plan->storey->id}", function (): array {
            $facets = $this->view->facets($this->parts());

            return [
                (new VisibleLines($facets))->lines(),
                array_values(array_filter($facets, static fn(Facet $facet): bool => $facet->isCut)),
            ];
        });
    }

    /** Around all of it, mm of the drawing. */
    public function box(): Box
    {
        $places = array_merge(
            ...array_map(static fn(SeenLine $one): array => [$one->line->from, $one->line->to], $this->lines),
            ...array_map($this->places(...), $this->seen()),
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
            Scene::of($this->home)->parts,
            fn(Part $part): bool => $part->storey === $this->plan->storey->id
                && !in_array($part->material, [Material::Ceiling, Material::Roof], true),
        ));
    }

    /** @return list<string> names of rooms, where their labels stand on the plan */
    private function names(): array
    {
        $names = [];
        foreach ($this->plan->rooms as $room) {
            $outline = $room->outline();
            $middle = $outline?->bounds()->middle();
            $at = $middle !== null && $outline->contains($middle) ? $middle : $room->room->at;
            $floor = ($this->plan->storey->elevation ?? 0.0) + ($room->room->level ?? 0.0);
            $text = Svg::element('text', ['class' => 'room-name', 'y' => 4], Svg::text($room->name()));
            $names[] = Svg::pinned($this->on([$at->x, $at->y, $floor]), 'room-label', $text);
        }

        return $names;
    }

    /** @return list<SpatialWitness> */
    private function seen(): array
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
        foreach ($this->seen() as $seen) {
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
