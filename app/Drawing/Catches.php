<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Layout\Axis;
use Heurema\Layout\Block;
use Heurema\Layout\FloorOpening;
use Heurema\Layout\Terrace;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\RampPart;
use Heurema\Spatial\Space;
use Heurema\Spatial\SpaceSide;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\StoreyPlan;

/** What the pointer is drawn to on a storey: lines of the drawing, exact, by a plain word for what each is. */
final readonly class Catches
{
    public function __construct(private Home $home, private StoreyPlan $plan) {}

    public function draw(): string
    {
        $lines = [
            'face' => $this->faces(),
            'middle of a wall' => array_map(static fn($wall): Segment => $wall->line(), $this->plan->storey->standingWalls()),
            'jamb' => array_merge(...array_map(self::jambs(...), $this->home->openingsOn($this->plan->id()))),
            'edge of a fixture' => array_merge(...array_map(
                static fn(PlacedFixture $fixture): array => $fixture->outline?->edges() ?? [],
                $this->home->fixturesOn($this->plan->id()),
            )),
            'edge of a stair' => array_merge(...array_map($this->treads(...), $this->home->stairs)),
            'edge of a ramp' => array_merge(...array_map($this->ramp(...), $this->home->ramps)),
            'edge of a block' => array_merge(...array_map(
                static fn(Block $block): array => self::sides($block->box()),
                $this->plan->storey->blocks,
            )),
            'axis' => array_map(static fn(Axis $axis): Segment => $axis->line(), $this->home->layout->axes),
            'edge of a floor opening' => array_merge(...array_map(
                static fn(FloorOpening $void): array => $void->outline->edges(),
                $this->plan->storey->voids,
            )),
            'edge of a terrace' => array_merge(...array_map(
                static fn(Terrace $terrace): array => $terrace->outline->edges(),
                $this->plan->storey->terraces,
            )),
        ];
        $written = array_map(static fn(array $segments): array => array_map(self::numbers(...), $segments), array_filter($lines));

        return Svg::element('g', ['class' => 'layer-catches', 'data-catches' => json_encode($written, JSON_THROW_ON_ERROR)]);
    }

    /** @return list<Segment> of walls, those of spaces and those that look outside */
    private function faces(): array
    {
        $sides = array_merge(
            $this->plan->outsideSides(),
            ...array_map(static fn(Space $space): array => $space->sides, $this->plan->spaces),
        );

        return array_map(
            static fn(SpaceSide $side): Segment => $side->segment,
            array_values(array_filter($sides, static fn(SpaceSide $side): bool => !$side->isOpen())),
        );
    }

    /** @return list<Segment> across the wall, from face to face */
    private static function jambs(PlacedOpening $opening): array
    {
        [$right, $left] = [$opening->spanAt(-$opening->wall->thickness / 2), $opening->spanAt($opening->wall->thickness / 2)];

        return [new Segment($right->from, $left->from), new Segment($right->to, $left->to)];
    }

    /** @return list<Segment> */
    private function treads(PlacedStair $stair): array
    {
        $isHere = in_array($this->plan->id(), [$stair->from?->id, $stair->to->id], true);

        return $isHere ? array_merge(...array_map(static fn(Ring $tread): array => $tread->edges(), $stair->shape->treads())) : [];
    }

    /** @return list<Segment> */
    private static function sides(Box $box): array
    {
        $corners = [
            new Point($box->left, $box->bottom),
            new Point($box->right, $box->bottom),
            new Point($box->right, $box->top),
            new Point($box->left, $box->top),
        ];

        return array_map(static fn(int $i): Segment => new Segment($corners[$i], $corners[($i + 1) % 4]), range(0, 3));
    }

    /** @return array{float, float, float, float} */
    private static function numbers(Segment $line): array
    {
        return [round($line->from->x, 4) + 0.0, round($line->from->y, 4) + 0.0, round($line->to->x, 4) + 0.0, round($line->to->y, 4) + 0.0];
    }

    /** @return list<Segment> */
    private function ramp(PlacedRamp $ramp): array
    {
        $parts = $ramp->plan->id() === $this->plan->id() ? $ramp->shape->parts : [];

        return array_merge(...array_map(static fn(RampPart $part): array => $part->outline->edges(), $parts));
    }
}
