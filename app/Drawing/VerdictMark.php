<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Review\Verdict;

/** The sign of a verdict, told by its shape as much as by its colour, around the origin, some 14 pixels wide. */
final class VerdictMark
{
    public static function draw(Verdict $verdict, bool $slim = false): string
    {
        return match ($verdict) {
            Verdict::Violated => Svg::element('path', ['d' => 'M0 -7L7 0L0 7L-7 0Z', 'class' => 'mark mark-violated']),
            Verdict::Advised => Svg::element('path', ['d' => 'M0 -6.5L7 6L-7 6Z', 'class' => 'mark mark-advised']),
            Verdict::Undetermined => Svg::element(
                'g',
                ['class' => 'mark mark-undetermined'],
                Svg::element('circle', ['r' => 6.2]).Svg::element('text', ['y' => 3.6], '?'),
            ),
            Verdict::Met => Svg::element(
                'g',
                ['class' => 'mark mark-met'],
                Svg::element('circle', ['r' => 3, 'class' => 'dot']).($slim ? Svg::element('circle', ['r' => 6, 'class' => 'ring']) : ''),
            ),
            Verdict::NotApplicable => Svg::element('path', ['d' => 'M-5 0H5', 'class' => 'mark mark-not-applicable']),
        };
    }
}
