<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** What covers what on a wall: units over windows and doors, anything over switches, sockets and mirrors, tiles that end behind a basin. */
final class WallCrossings
{
    /** Two things that lie over one another by less, mm, touch. */
    private const TOUCH = 5.0;

    private const SMALL = [FixtureKind::Switch, FixtureKind::Socket, FixtureKind::Mirror, FixtureKind::GrabBar];
    private const WET = [FixtureKind::Lavatory, FixtureKind::Vanity, FixtureKind::Sink, FixtureKind::Bath, FixtureKind::ShowerBath];

    /** @return list<Message> */
    public static function of(WallElevation $wall): array
    {
        $things = array_values(array_filter($wall->things, static fn(ElevationThing $one): bool => $one->isAtWall));

        return [...self::openings($wall, $things), ...self::small($things), ...self::tiles($wall, $things)];
    }

    /**
     * @param list<ElevationThing> $things
     *
     * @return list<Message>
     */
    private static function openings(WallElevation $wall, array $things): array
    {
        $said = [];
        foreach ($wall->openings as $opening) {
            $head = $opening->head;
            if ($head === null || $opening->opening->opening->kind === OpeningKind::Gap) {
                continue;
            }
            foreach ($things as $thing) {
                $across = min($opening->right, $thing->right()) - max($opening->left, $thing->left());
                $up = min($head, $thing->top()) - max($opening->sill, $thing->bottom());
                if ($across > self::TOUCH && $up > self::TOUCH) {
                    $said[] = Message::of(
                        'elevation.covers_opening',
                        thing: $thing->fixture->name(),
                        opening: $opening->opening->name(),
                        across: Amount::length($across),
                        up: Amount::length($up),
                    );
                }
            }
        }

        return $said;
    }

    /**
     * @param list<ElevationThing> $things
     *
     * @return list<Message>
     */
    private static function small(array $things): array
    {
        $said = [];
        foreach ($things as $number => $one) {
            foreach (array_slice($things, $number + 1) as $other) {
                [$small, $large] = in_array($one->fixture->fixture->kind, self::SMALL, true) ? [$one, $other] : [$other, $one];
                if (
                    in_array($small->fixture->fixture->kind, self::SMALL, true)
                    && min($small->right(), $large->right()) - max($small->left(), $large->left()) > self::TOUCH
                    && min($small->top(), $large->top()) - max($small->bottom(), $large->bottom()) > self::TOUCH
                ) {
                    $said[] = Message::of('elevation.covers_thing', thing: $large->fixture->name(), other: $small->fixture->name());
                }
            }
        }

        return $said;
    }

    /**
     * @param list<ElevationThing> $things
     *
     * @return list<Message>
     */
    private static function tiles(WallElevation $wall, array $things): array
    {
        $tiles = $wall->tiles;
        $wet = $tiles === null ? [] : array_filter($things, static fn(ElevationThing $one): bool => in_array(
            $one->fixture->fixture->kind,
            self::WET,
            true,
        ) && $tiles > $one->bottom() + self::TOUCH && $tiles < $one->top() - self::TOUCH);

        return array_values(array_map(
            static fn(ElevationThing $one): Message => Message::of(
                'elevation.tiles_end',
                height: Amount::length($tiles ?? 0.0),
                thing: $one->fixture->name(),
            ),
            $wet,
        ));
    }
}
