<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;

/** What is drawn and written on the plan of a storey beside the labels of its rooms. Boxes in mm of the plan. */
final class LabelObstacles
{
    /** @var array<string, list<Box>> by storey */
    private array $lines = [];

    /** @var array<string, list<Box>> by storey */
    private array $texts = [];

    /**
     * @param float $scale    mm under a pixel
     * @param bool  $hasSigns signs of verdicts are drawn over the plan
     */
    public function __construct(
        private readonly Home $home,
        private readonly float $scale,
        private readonly DimensionStyle $style,
        private readonly bool $hasSigns,
    ) {}

    /** @return list<Box> what stands in a room, and what is drawn in it */
    public function in(RoomSpace $room): array
    {
        $boxes = array_map(static fn(PlacedFixture $fixture): ?Box => $fixture->bounds, $this->home->fixturesIn($room));
        foreach ($this->home->openingsOf($room) as $opening) {
            $boxes[] = $opening->roof?->outline()?->bounds();
            array_push($boxes, ...array_map(static fn(DoorLeaf $leaf): Box => $leaf->bounds, $this->home->leavesOf($opening)));
        }

        return [...array_values(array_filter($boxes)), ...$this->lines($room->storey())];
    }

    /** @return list<Box> what is written at places of its own */
    public function texts(string $storey): array
    {
        return $this->texts[$storey] ??= (new FixedTexts(
            $this->home,
            $this->home->plans[$storey],
            $this->scale,
            $this->hasSigns,
            !$this->style->hides(PlanLayer::Levels),
        ))->boxes();
    }

    /** @return list<Box> of dimensions and steps */
    private function lines(string $storey): array
    {
        return $this->lines[$storey] ??= [
            ...(new PlanDimensions($this->home, $this->home->plans[$storey], $this->style, $this->scale))->covers(),
            ...$this->steps($storey),
        ];
    }

    /** @return list<Box> */
    private function steps(string $storey): array
    {
        $boxes = [];
        foreach ($this->home->ramps as $ramp) {
            foreach ($ramp->storey() === $storey ? $ramp->shape->parts : [] as $part) {
                $boxes[] = $part->outline->bounds();
            }
        }
        foreach ($this->home->stairs as $stair) {
            foreach ($stair->storey() === $storey || $stair->to->id === $storey ? $stair->shape->treads() : [] as $tread) {
                $boxes[] = $tread->bounds();
            }
        }

        return $boxes;
    }
}
