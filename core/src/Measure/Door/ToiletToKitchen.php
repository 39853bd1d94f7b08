<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.toilet_to_kitchen',
    AnswerType::Count,
    '1 where the door joins a kitchen or a pantry with a room that holds a water closet and has no exhaust, else 0.',
)]
final class ToiletToKitchen extends SubjectMeasure
{
    private const KITCHENS = [RoomUse::Kitchen, RoomUse::KitchenDining, RoomUse::KitchenLiving, RoomUse::Pantry];
    private const TOILETS = [RoomUse::Wc, RoomUse::Powder];

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $missing = $subject->missingSides();
        if ($missing !== []) {
            return new Unknown($missing);
        }
        foreach ([[$subject->left->room, $subject->right->room], [$subject->right->room, $subject->left->room]] as [$kitchen, $toilet]) {
            if ($toilet !== null && in_array($kitchen?->room->use, self::KITCHENS, true) && self::holdsPan($toilet, $home)) {
                return $this->answerFor($toilet, $subject);
            }
        }

        return new Measured(Amount::count(0));
    }

    private static function holdsPan(RoomSpace $room, Home $home): bool
    {
        $pans = array_filter(
            $home->fixturesIn($room),
            static fn(PlacedFixture $fixture): bool => $fixture->fixture->kind === FixtureKind::WaterCloset,
        );

        return $pans !== [] || in_array($room->room->use, self::TOILETS, true);
    }

    private function answerFor(RoomSpace $toilet, PlacedOpening $door): Measurement
    {
        $exhaust = $toilet->room->exhaust;

        return $exhaust === null
            ? new Unknown(["{$toilet->id()}.exhaust"])
            : new Measured(
                Amount::count($exhaust ? 0 : 1),
                [Witness::mark($door->storey(), $door->middle())],
                [Message::of('door.toilet_to_kitchen.it_joins_and', left: $door->left->words(), right: $door->right->words())],
            );
    }
}
