<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Segment;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\OpenBorder;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/**
 * What a room has through the adjoining room that it is most open to: the share of the area of their common wall that is
 * open (`room.shared_share`), that opening (`room.shared_opening`), and the floor, glass and vent area of both rooms together
 * (`room.shared_floor`, `room.shared_glass`, `room.shared_vent`).
 *
 * @extends SubjectMeasure<RoomSpace>
 */
final class Shared extends SubjectMeasure
{
    private const NAMES = ['room.shared_share', 'room.shared_opening', 'room.shared_floor', 'room.shared_glass', 'room.shared_vent'];

    private function __construct(private readonly string $name) {}

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(static fn(string $name): self => new self($name), self::NAMES);
    }

    public function name(): string
    {
        return $this->name;
    }

    public function answer(): AnswerType
    {
        return $this->name === 'room.shared_share' ? AnswerType::Ratio : AnswerType::Area;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->outline() === null) {
            return new Unknown([(string) $subject->outlineProblem()]);
        }
        $border = OpenBorder::widest($subject, $home);
        if ($border === null) {
            return new NotApplicable('It is open to no other room.');
        }
        $witness = array_map(static fn(Segment $gap): Witness => Witness::dimension($subject->storey(), $gap, $home->length($gap->length())), $border->gaps);
        if ($this->name === 'room.shared_share') {
            $share = $border->share();

            return $share === null
                ? new Unknown($border->missing)
                : new Measured(Amount::ratio($share), $witness, ["Of the wall in common with {$border->beyond->name()}, {$home->write(Amount::ratio($share))} is open."]);
        }
        if ($this->name === 'room.shared_opening') {
            return $border->area === null
                ? new Unknown($border->missing)
                : new Measured(Amount::drawnArea($border->area), $witness, ["Open to {$border->beyond->name()}: {$home->write(Amount::drawnArea($border->area))}."]);
        }

        return $this->together($subject, $border->beyond, $home, $witness);
    }

    /** @param list<Witness> $witness */
    private function together(RoomSpace $room, RoomSpace $beyond, Home $home, array $witness): Measurement
    {
        $measure = match ($this->name) {
            'room.shared_glass' => new GlassArea(),
            'room.shared_vent' => new VentArea(),
            default => new FloorArea(),
        };
        $sum = 0.0;
        $working = $assumptions = [];
        foreach ([$room, $beyond] as $one) {
            $area = $measure->of($one, $home, new Parameters());
            if (!$area instanceof Measured) {
                return $area;
            }
            $sum += $area->amount()->number;
            $working[] = "{$one->name()}: {$home->write($area->amount())}.";
            array_push($assumptions, ...$area->assumptions);
        }
        $working[] = 'Both together: '.$home->write(Amount::area($sum)).'.';

        return new Measured(Amount::area($sum), $witness, $working, array_values(array_unique($assumptions)));
    }
}
