<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Block;
use Heurema\Spatial\Home;

/** A room whose walls are not made yet: its clear floor, with its name and sides. */
final readonly class BlockDrawing
{
    public function __construct(private Block $block, private Home $home) {}

    public function draw(): string
    {
        $box = $this->block->box();
        $ring = Ring::rectangle(new Point($box->left, $box->bottom), new Point($box->width(), 0), new Point(0, $box->height()));
        $words = Svg::element('text', ['class' => 'room-name', 'y' => -3], Svg::text($this->block->name))
            .Svg::element(
                'text',
                ['class' => 'room-area', 'y' => 13],
                Svg::text("{$this->home->length($this->block->width)} × {$this->home->length($this->block->depth)}"),
            );

        return Svg::element(
            'g',
            ['class' => 'block', 'data-subject' => $this->block->id],
            Svg::element('path', ['class' => 'block-floor', 'd' => Svg::path($ring)]).Svg::pinned($this->block->at, 'room-label', $words),
        );
    }
}
