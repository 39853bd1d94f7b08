<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** Heights in a room that one would expect to agree, and that nearly do: heads, sills, worktops, undersides and tops of hung units. */
final class NearHeights
{
    /** Closer than the first they agree, farther apart than the second they are meant to differ, mm: common practice, no source. */
    private const AGREE = 1.0;
    private const APART = 30.0;

    private const BASE = [
        FixtureKind::BaseCabinet, FixtureKind::Counter, FixtureKind::Island, FixtureKind::Sink, FixtureKind::Range, FixtureKind::Vanity,
    ];
    private const HUNG = [FixtureKind::WallCabinet, FixtureKind::Hood];
    private const HIGH = [FixtureKind::WallCabinet, FixtureKind::TallCabinet];

    /**
     * @param list<WallElevation> $walls of one room
     *
     * @return list<Message>
     */
    public static function of(array $walls): array
    {
        $said = [];
        foreach (self::heights($walls) as $kind => $heights) {
            uasort($heights, static fn(float $a, float $b): int => $a <=> $b);
            $names = array_keys($heights);
            foreach (array_slice($names, 1) as $number => $name) {
                $before = $names[$number];
                $apart = $heights[$name] - $heights[$before];
                if ($apart >= self::AGREE && $apart <= self::APART) {
                    $said[] = self::message($kind, $before, $name, Amount::length($apart));
                }
            }
        }

        return $said;
    }

    private static function message(string $kind, string $one, string $other, Amount $apart): Message
    {
        return match ($kind) {
            'head' => Message::of('elevation.heads', one: $one, other: $other, apart: $apart),
            'sill' => Message::of('elevation.sills', one: $one, other: $other, apart: $apart),
            'worktop' => Message::of('elevation.worktops', one: $one, other: $other, apart: $apart),
            'underside' => Message::of('elevation.undersides', one: $one, other: $other, apart: $apart),
            default => Message::of('elevation.tops', one: $one, other: $other, apart: $apart),
        };
    }

    /**
     * @param list<WallElevation> $walls
     *
     * @return array<string, array<string, float>> by kind and by name, mm above the floor
     */
    private static function heights(array $walls): array
    {
        $heights = ['head' => [], 'sill' => [], 'worktop' => [], 'underside' => [], 'top' => []];
        foreach ($walls as $wall) {
            foreach ($wall->openings as $one) {
                $name = $one->opening->name();
                $heights['head'] += $one->head === null ? [] : [$name => $one->head];
                $heights['sill'] += $one->opening->opening->kind === OpeningKind::Window ? [$name => $one->sill] : [];
            }
            foreach ($wall->fixtures as $one) {
                [$kind, $name] = [$one->fixture->fixture->kind, $one->fixture->name()];
                $heights['worktop'] += in_array($kind, self::BASE, true) ? [$name => $one->fixture->top() ?? $one->top()] : [];
                $heights['underside'] += in_array($kind, self::HUNG, true) ? [$name => $one->bottom()] : [];
                $heights['top'] += in_array($kind, self::HIGH, true) ? [$name => $one->top()] : [];
            }
        }

        return $heights;
    }
}
