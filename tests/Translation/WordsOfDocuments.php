<?php

declare(strict_types=1);

namespace Tests\Translation;

use Heurema\Brief\FixtureWords;
use Heurema\Brief\RoomWords;
use Heurema\Brief\WishComposer;
use Heurema\Layout\ElementList;
use Heurema\Layout\Schema\ElementSchema;
use Heurema\Layout\Schema\KeySchema;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\FixtureGroup;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\GuardFilling;
use Heurema\Layout\Words\HingeEnd;
use Heurema\Layout\Words\HingeSide;
use Heurema\Layout\Words\PlaceOn;
use Heurema\Layout\Words\RoomUse;
use Heurema\Layout\Words\StairKind;
use Heurema\Layout\Words\Status;
use Heurema\Layout\Words\TapedHeight;
use Heurema\Layout\Words\TapedRole;
use Heurema\Layout\Words\Turn;
use Heurema\Layout\Words\WallSide;
use Heurema\Layout\Words\WallType;
use Heurema\Layout\Words\WindowOperation;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measure;
use Heurema\Review\ScheduleKind;
use Heurema\Review\Verdict;
use Heurema\Rulebook\Bound;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Spatial\WallDatum;

/** The words of documents and rule books that pages show: values, keys, what measures are called and answer, settings of books. */
final class WordsOfDocuments
{
    private const VALUES = [
        Verdict::class, Bound::class, RoomUse::class, FixtureKind::class, FixtureGroup::class, DoorOperation::class,
        WindowOperation::class, GuardFilling::class, WallType::class, Status::class, TapedHeight::class, HingeEnd::class, HingeSide::class,
        Turn::class, WallSide::class, WallDatum::class, ScheduleKind::class, SubjectType::class, ElementList::class,
        PlaceOn::class, StairKind::class, TapedRole::class,
    ];


    /** @return list<string> as they are said */
    public static function all(): array
    {
        $words = ['yes', 'no', ...self::values(), ...self::keys(), ...self::measures(), ...self::settings(), ...self::wishes()];
        $apart = array_merge(...array_map(static fn(string $word): array => explode('/', str_replace('_', ' ', $word)), $words));

        return array_values(array_unique(array_filter($apart, static fn(string $word): bool => preg_match('/[a-z]{2}/', $word) === 1)));
    }

    /** @return list<string> and several rooms, where they lack something */
    private static function values(): array
    {
        return [
            ...array_merge(...array_map(
                static fn(string $enum): array => array_map(static fn(\BackedEnum $word): string => $word->value, $enum::cases()),
                self::VALUES,
            )),
            ...array_map(static fn(RoomUse $use): string => "{$use->value}s", RoomUse::cases()),
        ];
    }

    /** @return list<string> what wishes are read back in: rooms, what stands in them, sides */
    private static function wishes(): array
    {
        $words = WishComposer::places();
        foreach (RoomUse::cases() as $use) {
            array_push($words, RoomWords::of($use), RoomWords::one($use), RoomWords::plural($use));
        }

        return [...$words, ...array_map(
            FixtureWords::plural(...),
            ['window', ...array_column(FixtureKind::cases(), 'value')],
        )];
    }

    /** @return list<string> */
    private static function keys(): array
    {
        return array_map(
            static fn(KeySchema $key): string => $key->key,
            array_merge(...array_map(
                static fn(ElementList $list): array => ElementSchema::of($list->type())->keys(),
                ElementList::cases(),
            )),
        );
    }

    /** @return list<string> */
    private static function measures(): array
    {
        return array_merge(...array_map(
            static fn(Measure $measure): array => [
                substr((string) strrchr($measure->name(), '.'), 1),
                ...$measure->words()[Measure::ANSWER] ?? [],
            ],
            Catalogue::standard()->all(),
        ));
    }

    /** @return list<string> what books call their settings, their words and their own quantities */
    private static function settings(): array
    {
        $library = new RuleBookLibrary(__DIR__.'/../../core/rulebooks', new RuleBookReader(Catalogue::standard()));
        $words = [];
        foreach ($library->readable() as $book) {
            foreach ($book->vocabulary->settings as $setting) {
                array_push($words, $setting->name, ...$setting->words);
            }
            foreach (array_keys($book->vocabulary->quantities) as $name) {
                $words[] = substr((string) strrchr($name, '.'), 1);
            }
        }

        return $words;
    }
}
