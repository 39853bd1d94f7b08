<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Geometry\Segment;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\FoldingLeaves;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * As given, else by its operation. Hinged at 90 degrees: leaf less its thickness and the stop; gap and overhead: the whole width; sliding
 * and pocket: less the grip; bypass: half less the grip; folding: less the stack of leaves on both sides.
 *
 * @extends SubjectMeasure<PlacedOpening>
 */
#[Measures('door.clear_width', AnswerType::Length, 'How wide a way the open door leaves; of a pair one leaf alone.')]
#[Measures('door.clear_width_both', AnswerType::Length, 'How wide a way the open door leaves; of a pair both leaves.')]
final class ClearWidth extends SubjectMeasure
{
    public function __construct(string $name = 'door.clear_width')
    {
        parent::__construct($name);
    }

    private const STOP = 13.0;
    private const GRIP = 25.0;
    private const INSIDE_LEAF = 35.0;
    private const OUTSIDE_LEAF = 44.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $opening = $subject->opening;
        if ($opening->clearWidth !== null) {
            return self::measured($subject, $opening->clearWidth, Message::of('door.clear_width.given'));
        }
        if ($opening->width === null) {
            return new Unknown(["{$opening->id}.width"]);
        }
        if ($opening->kind === OpeningKind::Bare) {
            return self::measured($subject, $opening->width, Message::of('door.clear_width.bare_opening'));
        }
        $operation = $opening->door?->operation;

        return $operation === null
            ? new Unknown(["{$opening->id}.operation"])
            : self::derived($subject, $opening->width, $operation, $this->name() === 'door.clear_width_both');
    }

    private static function derived(PlacedOpening $door, float $width, DoorOperation $operation, bool $both): Measured
    {
        $leaf = self::leafThickness($door);
        $assumed = $door->opening->door?->leafThickness === null
            ? [Message::of('door.clear_width.leaf_taken_as', door: $door->spoken(), leaf: Amount::length($leaf))]
            : [];
        $stop = Message::of('door.clear_width.stop_taken_as', stop: Amount::length(self::STOP));
        $grip = Message::of('door.clear_width.grip_taken_as', grip: Amount::length(self::GRIP));
        $leaves = FoldingLeaves::of($door)->count ?? 0;
        $one = LeafWidth::of($door, $width, $operation === DoorOperation::DoubleHinged ? 2 : 1);

        return match ($operation) {
            DoorOperation::Hinged => self::measured(
                $door,
                $one->width - $leaf - self::STOP,
                Message::of('door.clear_width.leaf_less', width: Amount::length($one->width), leaf: Amount::length($leaf)),
                [...$assumed, $stop, ...$one->assumptions],
            ),
            DoorOperation::DoubleHinged => $both
                ? self::measured(
                    $door,
                    $width - 2 * ($leaf + self::STOP),
                    Message::of('door.clear_width.both_leaves_less', width: Amount::length($width), leaf: Amount::length($leaf)),
                    [...$assumed, $stop],
                )
                : self::measured(
                    $door,
                    $one->width - $leaf - self::STOP,
                    Message::of('door.clear_width.one_leaf_less', width: Amount::length($one->width), leaf: Amount::length($leaf)),
                    [...$assumed, $stop, ...$one->assumptions],
                ),
            DoorOperation::Sliding, DoorOperation::Pocket => self::measured(
                $door,
                $width - self::GRIP,
                Message::of('door.clear_width.opening_less_grip', width: Amount::length($width)),
                [$grip],
            ),
            DoorOperation::Bypass => self::measured(
                $door,
                $width / 2 - self::GRIP,
                Message::of('door.clear_width.half_less_grip', width: Amount::length($width)),
                [$grip],
            ),
            DoorOperation::Folding => self::measured(
                $door,
                $width - $leaves * $leaf,
                Message::of('door.clear_width.opening_less_stack', width: Amount::length($width), leaves: $leaves),
                [...$assumed, Message::of('door.clear_width.leaves_taken', door: $door->name(), leaves: $leaves)],
            ),
            DoorOperation::Overhead => self::measured($door, $width, Message::of('door.clear_width.overhead')),
        };
    }

    private static function leafThickness(PlacedOpening $door): float
    {
        return $door->opening->door->leafThickness ?? ($door->isToOutside() === false ? self::INSIDE_LEAF : self::OUTSIDE_LEAF);
    }

    /** @param list<Message> $assumptions */
    private static function measured(PlacedOpening $door, float $clear, Message $working, array $assumptions = []): Measured
    {
        $clear = max(0.0, $clear);
        $line = $door->wall->line();
        $at = $door->opening->at;
        $witness = new Segment($line->at($at - $clear / 2), $line->at($at + $clear / 2));

        return new Measured(
            Amount::length($clear),
            [Witness::dimension($door->storey(), $witness, Amount::length($clear))],
            [Message::of('door.clear_width.clear', working: $working, clear: Amount::length($clear))],
            $assumptions,
        );
    }
}
