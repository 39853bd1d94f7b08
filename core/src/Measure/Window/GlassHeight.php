<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/**
 * How high above the floor the glass begins (`window.glass_bottom`) or ends (`window.glass_top`).
 *
 * @extends SubjectMeasure<PlacedOpening>
 */
final class GlassHeight extends SubjectMeasure
{
    private function __construct(private readonly string $name, private readonly bool $isTop) {}

    public static function bottom(): self
    {
        return new self('window.glass_bottom', false);
    }

    public static function top(): self
    {
        return new self('window.glass_top', true);
    }

    public function name(): string
    {
        return $this->name;
    }

    public function answer(): AnswerType
    {
        return AnswerType::Length;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        [$sill, $height] = [$subject->opening->sill, $this->isTop ? $subject->opening->height : 0.0];
        if ($sill === null || $height === null) {
            return new Unknown([...($sill === null ? ["{$subject->id()}.sill"] : []), ...($height === null ? ["{$subject->id()}.height"] : [])]);
        }
        $frame = GlassOpening::frame($subject);
        $at = $this->isTop ? $sill + $height - $frame : $sill + $frame;
        $working = $this->isTop
            ? "Sill {$home->length($sill)} and height {$home->length($height)}, less the frame {$home->length($frame)}: the glass ends at {$home->length($at)}."
            : "Sill {$home->length($sill)} and the frame on it {$home->length($frame)}: the glass begins at {$home->length($at)}.";

        return new Measured(Amount::length($at), [Witness::mark($subject->storey(), $subject->middle(), $home->length($at))], [$working], GlassOpening::assumedFrame($subject, $home));
    }
}
