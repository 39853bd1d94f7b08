<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Point;
use Heurema\Geometry\Sweep;
use Heurema\Geometry\Tolerance;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\ClearFloor;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * The inside of a shower or bath. A shell of 25 mm is taken off all round, unless walls stand right at both sides of it, as a shower built
 * between them has none.
 *
 * @extends SubjectMeasure<PlacedFixture>
 */
#[Measures('fixture.inside_least', AnswerType::Length, 'The shorter side of the inside of a shower or bath.')]
#[Measures('fixture.inside_longest', AnswerType::Length, 'The longer side of the inside of a shower or bath.')]
#[Measures('fixture.inside_area', AnswerType::Area, 'The area of the inside of a shower or bath.')]
final class InsideSize extends SubjectMeasure
{
    private const SHELL = 25.0;
    private const BUILT_IN = 5.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        [$width, $depth] = [$subject->fixture->width, $subject->fixture->depth];
        if ($width === null || $depth === null) {
            return new Unknown([
                ...($width === null ? ["{$subject->id()}.width"] : []),
                ...($depth === null ? ["{$subject->id()}.depth"] : []),
            ]);
        }
        $shell = self::isBuiltIn($subject, $width) ? 0.0 : self::SHELL;
        [$width, $depth] = [max(0.0, $width - 2 * $shell), max(0.0, $depth - 2 * $shell)];
        $value = match ($this->name()) {
            'fixture.inside_area' => Amount::drawnArea($width * $depth),
            'fixture.inside_longest' => Amount::length(max($width, $depth)),
            default => Amount::length(min($width, $depth)),
        };

        return new Measured(
            $value,
            [Witness::outline(
                $subject->storey(),
                ClearFloor::inside($subject, $shell),
                Message::of('fixture.inside_size.value', width: Amount::length($width), depth: Amount::length($depth)),
            )],
            [Message::of('fixture.inside_size.inside_by', width: Amount::length($width), depth: Amount::length($depth), value: $value)],
            [
                $shell > 0
                    ? Message::of('fixture.inside_size.shell_of_is_taken', subject: $subject->spoken(), shell: Amount::length($shell))
                    : Message::of('fixture.inside_size.is_taken_to_be', subject: $subject->name()),
            ],
        );
    }

    private static function isBuiltIn(PlacedFixture $fixture, float $width): bool
    {
        $frame = $fixture->frame;
        $middle = $frame->toPlan(new Point(0, ($fixture->fixture->depth ?? 0.0) / 2));
        foreach ([$frame->xAxis, $frame->xAxis->times(-1)] as $direction) {
            $wall = $fixture->plan->mass->obstructions()->sweep(new Sweep($middle, $direction, -1.0, 1.0));
            if ($wall === null || $wall->distance > $width / 2 + self::BUILT_IN + Tolerance::TOUCH) {
                return false;
            }
        }

        return true;
    }
}
