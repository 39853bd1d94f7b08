<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;

/** The plan of one room and a little around it, without dimensions. */
final readonly class RoomPlan
{
    /** So much is shown around the room, mm. */
    private const AROUND = 300.0;

    /** mm under a pixel. */
    public float $scale;

    private Box $bounds;

    /** @param float $size of the picture's longer side, px */
    public function __construct(private Home $home, private RoomSpace $room, private PlanLayers $layers, float $size)
    {
        $this->bounds = ($room->outline()?->bounds() ?? Box::around([$room->room->at]))->grown(self::AROUND);
        $this->scale = max($this->bounds->width(), $this->bounds->height()) / $size;
    }

    /** @param string $over what is drawn over it */
    public function draw(string $over = ''): string
    {
        $style = new DimensionStyle('none');
        $plan = new PlanDrawing(
            $this->home,
            $this->home->plans[$this->room->storey()],
            new LabelPlace($this->home, $this->scale, $style),
            $style,
            $this->layers,
        );

        return Svg::element('svg', [
            'class' => 'drawing kitchen-plan',
            'data-scale' => Svg::number($this->scale),
            'viewBox' => Svg::viewBox($this->bounds),
            'role' => 'img',
            'aria-label' => __('Plan of :room', ['room' => $this->room->name()]),
        ], $plan->layers().$over);
    }
}
