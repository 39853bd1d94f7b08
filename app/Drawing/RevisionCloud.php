<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;

/** Clouds around what was drawn otherwise on the revision before, on paper of some scale. */
final readonly class RevisionCloud
{
    /** From what has changed to the cloud, and from one arc to the next, mm of paper. */
    private const AWAY = 2.0;
    private const ARC = 5.0;

    /** @param list<string> $ids of the elements */
    public function __construct(private Home $home, private StoreyPlan $plan, private array $ids, private int $scale) {}

    public function draw(): string
    {
        $boxes = $this->merged(array_map(
            fn(Ring $ring): Box => $ring->bounds()->grown(self::AWAY * $this->scale),
            (new ChangedMarks($this->home, $this->plan, $this->ids))->rings(),
        ));

        return Svg::element('g', ['class' => 'layer-clouds'], implode('', array_map(
            fn(Box $box): string => Svg::element('path', ['class' => 'revision-cloud', 'd' => $this->cloud($box)]),
            $boxes,
        )));
    }

    /**
     * Boxes of which none overlaps another.
     *
     * @param list<Box> $boxes
     *
     * @return list<Box>
     */
    private function merged(array $boxes): array
    {
        $merged = [];
        foreach ($boxes as $box) {
            do {
                $apart = array_values(array_filter($merged, static fn(Box $other): bool => !$other->overlaps($box)));
                $isGrown = count($apart) < count($merged);
                foreach ($merged as $other) {
                    $box = $other->overlaps($box) ? self::both($box, $other) : $box;
                }
                $merged = $apart;
            } while ($isGrown);
            $merged[] = $box;
        }

        return $merged;
    }

    private static function both(Box $one, Box $other): Box
    {
        return new Box(
            min($one->left, $other->left),
            min($one->bottom, $other->bottom),
            max($one->right, $other->right),
            max($one->top, $other->top),
        );
    }

    /** Arcs that bulge outwards around a box. */
    private function cloud(Box $box): string
    {
        $corners = [
            new Point($box->left, $box->top), new Point($box->right, $box->top), new Point($box->right, $box->bottom),
            new Point($box->left, $box->bottom),
        ];
        $path = 'M'.Svg::at($corners[0]);
        foreach ($corners as $number => $from) {
            $along = $corners[($number + 1) % 4]->minus($from);
            $arcs = max(1, (int) round($along->length() / (self::ARC * $this->scale)));
            for ($arc = 1; $arc <= $arcs; ++$arc) {
                $radius = Svg::number($along->length() / $arcs * 0.6);
                $path .= "A{$radius} {$radius} 0 0 1 ".Svg::at($from->plus($along->times($arc / $arcs)));
            }
        }

        return $path.'Z';
    }
}
