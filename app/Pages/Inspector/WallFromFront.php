<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use App\Drawing\DimensionStyle;
use App\Drawing\ElevationDrawing;
use Heurema\Drafting\ElevationFixture;
use Heurema\Drafting\RoomElevations;
use Heurema\Drafting\WallElevation;
use Heurema\Geometry\Box;

/** The wall at which the chosen fixture stands or hangs, seen from the front. */
final readonly class WallFromFront
{
    /** A wall beside the plan: mm under a pixel, as the style sheet has it, and how wide, px. */
    private const SCALE = 11.0;
    private const WIDTH = 370.0;

    public function __construct(private Chosen $chosen, private DimensionStyle $style) {}

    /** Null: it is at none, or nobody said how high it is. */
    public function draw(): ?string
    {
        $fixture = $this->chosen->fixture();
        $room = $fixture?->room;
        foreach ($fixture === null || $room === null ? [] : RoomElevations::of($room, $this->chosen->home) as $wall) {
            foreach ($wall->fixtures as $one) {
                if ($one->isAtWall && $one->fixture === $fixture) {
                    return $this->drawnWall($wall, $one);
                }
            }
        }

        return null;
    }

    /** As much of it as there is room for beside the plan, around what is chosen. */
    private function drawnWall(WallElevation $wall, ElevationFixture $chosen): string
    {
        $drawing = new ElevationDrawing(
            $wall,
            $this->chosen->home,
            $this->style,
            self::SCALE,
            chosen: $chosen->fixture->id(),
        );
        $box = $drawing->box();
        $width = min($box->width(), self::WIDTH * self::SCALE);
        $left = max($box->left, min($box->right - $width, ($chosen->left() + $chosen->right() - $width) / 2));

        return $drawing->figure(
            __('The wall that it stands or hangs at, from the front'),
            'group',
            new Box($left, $box->bottom, $left + $width, $box->top),
        );
    }
}
