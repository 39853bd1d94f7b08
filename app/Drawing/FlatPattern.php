<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\StepKind;

/**
 * The steps of a stair that turns, rolled out: its left side above, the line one walks in the middle, its right side below, each as long as
 * it is.
 */
final readonly class FlatPattern
{
    private const MARGIN = 150.0;

    public function __construct(private Climb $climb, private Home $home) {}

    public static function isOf(Climb $climb): bool
    {
        return array_filter($climb->stair->shape->steps, static fn($step): bool => $step->kind !== StepKind::Tread) !== [];
    }

    public function draw(): string
    {
        $width = (float) $this->climb->stair->stair->width;
        $places = [[0.0, 0.0, 0.0]];
        foreach ($this->climb->stair->shape->steps as $number => $step) {
            [$left, $walked, $right] = $places[$number];
            $sides = $step->kind === StepKind::Landing
                ? [$step->run(), $step->run()]
                : [$step->front->from->distanceTo($step->back->from), $step->front->to->distanceTo($step->back->to)];
            $places[] = [$left + $sides[0], $walked + $step->run(), $right + $sides[1]];
        }
        // both sides are laid out from the middle of the stair, so that risers lean where it turns
        $drawn = '';
        foreach ($places as $number => [$left, $walked, $right]) {
            $drawn .= Svg::element(
                'path',
                [
                    'class' => 'step',
                    'd' => sprintf(
                        'M%s 0L%s %sL%s %s',
                        Svg::number($left),
                        Svg::number($walked),
                        Svg::number($width / 2),
                        Svg::number($right),
                        Svg::number($width),
                    ),
                ],
            );
            $next = $places[$number + 1] ?? null;
            if ($next !== null && $next[1] - $walked > 120) {
                $drawn .= Svg::element(
                    'text',
                    ['x' => ($walked + $next[1]) / 2, 'y' => $width / 2 + 40],
                    Svg::text((string) ($number + 1)),
                );
            }
        }
        $end = $places[count($places) - 1];
        $longest = max($end);
        $lines = sprintf('M0 0H%sM0 %2$sH%3$s', Svg::number($end[0]), Svg::number($width), Svg::number($end[2]));

        return Svg::element('svg', [
            'viewBox' => implode(
                ' ',
                array_map(Svg::number(...), [-self::MARGIN, -self::MARGIN, $longest + 2 * self::MARGIN, $width + 2 * self::MARGIN]),
            ),
            'class' => 'flat-pattern',
            'role' => 'img',
            'aria-label' => __('Flat pattern of :stair, :end along the line one walks', [
                'stair' => $this->climb->stair->name(),
                'end' => $this->home->length($end[1]),
            ]),
        ], Svg::element('path', ['class' => 'side', 'd' => $lines])
            .Svg::element('path', ['class' => 'climb', 'd' => sprintf('M0 %1$sH%2$s', Svg::number($width / 2), Svg::number($end[1]))])
            .$drawn);
    }
}
