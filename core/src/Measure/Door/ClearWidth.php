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
            return self::measured($subject, $home, $opening->clearWidth, 'Given on the drawing.');
        }
        if ($opening->width === null) {
            return new Unknown(["{$opening->id}.width"]);
        }
        if ($opening->kind === OpeningKind::Gap) {
            return self::measured($subject, $home, $opening->width, 'A bare opening is clear over its whole width.');
        }
        $operation = $opening->door?->operation;

        return $operation === null
            ? new Unknown(["{$opening->id}.operation"])
            : self::derived($subject, $home, $opening->width, $operation, $this->name() === 'door.clear_width_both');
    }

    private static function derived(PlacedOpening $door, Home $home, float $width, DoorOperation $operation, bool $both): Measured
    {
        $leaf = self::leafThickness($door);
        $assumed = $door->opening->door?->leafThickness === null
            ? ["The leaf of {$door->spoken()} is taken as ".$home->length($leaf).' thick.']
            : [];
        $stop = 'Stop of the frame taken as '.$home->length(self::STOP).'.';
        $grip = 'Grip that keeps the leaf from sliding home taken as '.$home->length(self::GRIP).'.';
        $leaves = FoldingLeaves::of($door)->count ?? 0;

        return match ($operation) {
            DoorOperation::Hinged => self::measured(
                $door,
                $home,
                $width - $leaf - self::STOP,
                "Leaf {$home->length($width)} less its thickness {$home->length($leaf)} and the stop.",
                [...$assumed, $stop],
            ),
            DoorOperation::DoubleHinged => $both
                ? self::measured(
                    $door,
                    $home,
                    $width - 2 * ($leaf + self::STOP),
                    "Both leaves, {$home->length($width)}, less their thicknesses {$home->length($leaf)} and the stops.",
                    [...$assumed, $stop],
                )
                : self::measured(
                    $door,
                    $home,
                    $width / 2 - $leaf - self::STOP,
                    "One leaf of the pair, {$home->length($width / 2)}, less its thickness {$home->length($leaf)} and the stop.",
                    [...$assumed, $stop, "The leaves of {$door->spoken()} are taken to be as wide as each other."],
                ),
            DoorOperation::Sliding, DoorOperation::Pocket => self::measured(
                $door,
                $home,
                $width - self::GRIP,
                "Opening {$home->length($width)} less the grip.",
                [$grip],
            ),
            DoorOperation::Bypass => self::measured(
                $door,
                $home,
                $width / 2 - self::GRIP,
                "Half of the opening {$home->length($width)} less the grip.",
                [$grip],
            ),
            DoorOperation::Folding => self::measured(
                $door,
                $home,
                $width - $leaves * $leaf,
                "Opening {$home->length($width)} less the folded stack of {$leaves} leaves.",
                [...$assumed, "{$door->name()} is taken to have {$leaves} leaves."],
            ),
            DoorOperation::Overhead => self::measured($door, $home, $width, 'An overhead door is clear over its whole width.'),
        };
    }

    private static function leafThickness(PlacedOpening $door): float
    {
        return $door->opening->door->leafThickness ?? ($door->isToOutside() === false ? self::INSIDE_LEAF : self::OUTSIDE_LEAF);
    }

    /** @param list<string> $assumptions */
    private static function measured(PlacedOpening $door, Home $home, float $clear, string $working, array $assumptions = []): Measured
    {
        $clear = max(0.0, $clear);
        $line = $door->wall->line();
        $at = $door->opening->at;
        $witness = new Segment($line->at($at - $clear / 2), $line->at($at + $clear / 2));

        return new Measured(
            Amount::length($clear),
            [Witness::dimension($door->storey(), $witness, $home->length($clear))],
            [$working.' Clear: '.$home->length($clear).'.'],
            $assumptions,
        );
    }
}
