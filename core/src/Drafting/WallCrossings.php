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
        $fixtures = array_values(array_filter($wall->fixtures, static fn(ElevationFixture $one): bool => $one->isAtWall));

        return [...self::openings($wall, $fixtures), ...self::small($fixtures), ...self::tiles($wall, $fixtures)];
    }

    /**
     * @param list<ElevationFixture> $fixtures
     *
     * @return list<Message>
     */
    private static function openings(WallElevation $wall, array $fixtures): array
    {
        $said = [];
        foreach ($wall->openings as $opening) {
            $head = $opening->head;
            if ($head === null || $opening->opening->opening->kind === OpeningKind::Bare) {
                continue;
            }
            foreach ($fixtures as $placed) {
                $across = min($opening->right, $placed->right()) - max($opening->left, $placed->left());
                $up = min($head, $placed->top()) - max($opening->sill, $placed->bottom());
                if ($across > self::TOUCH && $up > self::TOUCH) {
                    $said[] = Message::of(
                        'elevation.covers_opening',
                        fixture: $placed->fixture->name(),
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
     * @param list<ElevationFixture> $fixtures
     *
     * @return list<Message>
     */
    private static function small(array $fixtures): array
    {
        $said = [];
        foreach ($fixtures as $number => $one) {
            foreach (array_slice($fixtures, $number + 1) as $other) {
                [$small, $large] = in_array($one->fixture->fixture->kind, self::SMALL, true) ? [$one, $other] : [$other, $one];
                if (
                    in_array($small->fixture->fixture->kind, self::SMALL, true)
                    && min($small->right(), $large->right()) - max($small->left(), $large->left()) > self::TOUCH
                    && min($small->top(), $large->top()) - max($small->bottom(), $large->bottom()) > self::TOUCH
                ) {
                    $said[] = Message::of('elevation.covers_fixture', fixture: $large->fixture->name(), other: $small->fixture->name());
                }
            }
        }

        return $said;
    }

    /**
     * @param list<ElevationFixture> $fixtures
     *
     * @return list<Message>
     */
    private static function tiles(WallElevation $wall, array $fixtures): array
    {
        $tiles = $wall->tiles;
        $wet = $tiles === null ? [] : array_filter($fixtures, static fn(ElevationFixture $one): bool => in_array(
            $one->fixture->fixture->kind,
            self::WET,
            true,
        ) && $tiles > $one->bottom() + self::TOUCH && $tiles < $one->top() - self::TOUCH);

        return array_values(array_map(
            static fn(ElevationFixture $one): Message => Message::of(
                'elevation.tiles_end',
                height: Amount::length($tiles ?? 0.0),
                fixture: $one->fixture->name(),
            ),
            $wet,
        ));
    }
}
