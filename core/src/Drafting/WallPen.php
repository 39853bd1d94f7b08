<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\WallType;

/** Of what kind the walls are that are being drawn. */
final readonly class WallPen
{
    public float $thickness;

    /**
     * @param float      $thickness mm; a divider has none
     * @param float|null $height    of a low wall, mm
     */
    public function __construct(public WallType $type, float $thickness, public ?float $height = null)
    {
        $this->thickness = $type === WallType::OpenBoundary ? 0.0 : $thickness;
    }

    /** A wall along its centre line. */
    public function draw(Storey $storey, string $id, Segment $line): Add
    {
        return new Add($storey->id, new Wall($id, $line->from, $line->to, $this->thickness, $this->type, $this->height));
    }
}
