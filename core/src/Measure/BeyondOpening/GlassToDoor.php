<?php

declare(strict_types=1);

namespace Heurema\Measure\BeyondOpening;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\RoomUse;
use Heurema\Layout\Words\WallSide;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\LeastWidth;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Window\GlassEdges;
use Heurema\Measure\Window\GlassOpening;
use Heurema\Measure\Witness;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'window.to_door',
    AnswerType::Length,
    'From the glass to the nearest upright edge of a closed door: to either edge of a door in the same '
    .'plane, and to the hinge edge of one in another wall that swings towards the window. Both have to be '
    .'in one room, or outside. Doors of closets no deeper than 3 ft are left aside.',
)]
final class GlassToDoor extends SubjectMeasure
{
    private const SHALLOW = 914.4;

    /** A door farther away, mm, is not beside it. */
    private const LOOK = 5000.0;
    private const SAME_PLANE = 0.02;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $glass = GlassEdges::onPlan($subject);
        if ($glass === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $nearest = null;
        foreach ($home->openingsNear($subject->storey(), Box::around([$glass->from, $glass->to])->grown(self::LOOK)) as $door) {
            if ($door->opening->kind !== OpeningKind::Door || self::leadsToShallowCloset($door, $home)) {
                continue;
            }
            foreach (self::edges($door, $subject) as $edge) {
                $line = new Segment($glass->closestTo($edge), $edge);
                $nearest = $nearest === null || $line->length() < $nearest[0]->length() ? [$line, $door] : $nearest;
            }
        }

        return $nearest === null
            ? new NotApplicable(Message::of('beyond_opening.glass_to_door.no_door_is_beside'))
            : new Measured(
                Amount::length($nearest[0]->length()),
                [Witness::dimension($subject->storey(), $nearest[0], Amount::length($nearest[0]->length()))],
                [Message::of(
                    'beyond_opening.glass_to_door.from_glass_to_edge',
                    nearest: $nearest[1]->name(),
                    nearest2: Amount::length($nearest[0]->length()),
                )],
                GlassOpening::assumedFrame($subject),
            );
    }

    /** @return list<Point> */
    private static function edges(PlacedOpening $door, PlacedOpening $window): array
    {
        $span = $door->span();
        $isInPlane = abs($door->wall->line()->direction()->cross($window->wall->line()->direction())) < self::SAME_PLANE
            && abs($window->wall->line()->leftOf($span->middle())) < ($door->wall->thickness + $window->wall->thickness) / 2;
        if ($isInPlane) {
            return self::share($door, $window) ? [$span->from, $span->to] : [];
        }
        $into = $door->opening->door?->opens === WallSide::Left ? $door->left->room : $door->right->room;
        $swingsTowards = $into !== null && $door->opening->door?->opens !== null && $window->borders($into);

        return $swingsTowards ? array_map(static fn(DoorLeaf $leaf): Point => $leaf->hinge, DoorLeaf::of($door)) : [];
    }

    private static function share(PlacedOpening $door, PlacedOpening $window): bool
    {
        foreach ([$door->left, $door->right] as $one) {
            foreach ([$window->left, $window->right] as $other) {
                if ($one->room !== null && $one->room === $other->room || ($one->isOpenAir() === true && $other->isOpenAir() === true)) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function leadsToShallowCloset(PlacedOpening $door, Home $home): bool
    {
        foreach ([$door->left->room, $door->right->room] as $room) {
            if ($room?->room->use === RoomUse::Closet) {
                $depth = (new LeastWidth())->of($room, $home, new Parameters());

                return $depth instanceof Measured && $depth->amount()->isAtMost(Amount::length(self::SHALLOW));
            }
        }

        return false;
    }
}
