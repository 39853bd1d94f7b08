<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Board\Field;
use App\Board\Fields;
use App\Board\LengthField;
use App\Board\Library;
use App\Board\RefusedValue;
use App\Board\TypedValues;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Element;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\FixtureGroup;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Tests\Sketch;
use Heurema\Units\TypingUnit;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class TypedValuesTest extends TestCase
{
    /** @return iterable<string, array{UnitSystem, string, float, string}> */
    public static function airFlows(): iterable
    {
        yield 'cubic feet a minute' => [UnitSystem::Imperial, '50', 23.5974, '50 cfm'];
        yield 'litres a second' => [UnitSystem::Metric, '25', 25.0, '25 l/s'];
        yield 'the other system' => [UnitSystem::Metric, '50 cfm', 23.5974, '23.6 l/s'];
        yield 'cubic metres an hour' => [UnitSystem::Imperial, '90 m3/h', 25.0, '53 cfm'];
        yield 'with a comma' => [UnitSystem::Metric, '12,5 l/s', 12.5, '12.5 l/s'];
    }

    #[DataProvider('airFlows')]
    public function test_the_rate_of_an_exhaust(UnitSystem $units, string $typed, float $rate, string $shown): void
    {
        $layout = Sketch::room(4000, 3000)->document(['units' => $units->value])->layout();
        $room = (new Draft($layout))->find('r')->element;
        $values = (new TypedValues($layout))->read($room, ['exhaust_rate' => $typed]);
        self::assertSame(['exhaust_rate' => $rate], $values);
        $field = array_values(array_filter(Fields::of($room), static fn(Field $one): bool => $one->key === 'exhaust_rate'))[0];
        $said = Sketch::room(4000, 3000)
            ->with(['rooms' => [['id' => 'r', 'use' => 'bathroom', 'at' => [2000, 1500], ...$values]]])
            ->document(['units' => $units->value])
            ->layout();
        self::assertSame($shown, trim((new TypedValues($said))->write((new Draft($said))->find('r')->element, $field), '≈ '));
        foreach (['fast', '-5', '5 mm'] as $wrong) {
            try {
                (new TypedValues($layout))->read($room, ['exhaust_rate' => $wrong]);
                self::fail("{$wrong} was read");
            } catch (RefusedValue $e) {
                self::assertSame('exhaust_rate', $e->key);
            }
        }
    }

    public function test_only_what_differs_counts(): void
    {
        $typed = [];
        foreach (Fields::of(self::door()) as $field) {
            $typed[$field->key] = (new TypedValues(self::home(UnitSystem::Imperial)))->write(self::door(), $field);
        }
        self::assertSame([], (new TypedValues(self::home(UnitSystem::Imperial)))->read(self::door(), $typed));
        self::assertSame(
            ['opens' => 'right'],
            (new TypedValues(self::home(UnitSystem::Imperial)))->read(self::door(), [...$typed, 'opens' => 'right']),
        );
        self::assertSame(
            ['hinge' => null],
            (new TypedValues(self::home(UnitSystem::Imperial)))->read(self::door(), [...$typed, 'hinge' => '']),
        );
        self::assertSame(
            ['glazed' => true],
            (new TypedValues(self::home(UnitSystem::Imperial)))->read(self::door(), [...$typed, 'glazed' => 'yes']),
        );
        self::assertSame([], (new TypedValues(self::home(UnitSystem::Imperial)))->read(self::door(), ['not_a_field' => 'x']));
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, string>, array<string, float>|string}> */
    public static function heights(): iterable
    {
        $hung = ['kind' => 'wall_cabinet', 'base' => 1400, 'height' => 700];
        yield 'the top of what hangs moves it' => [$hung, ['top' => '2.2 m'], ['base' => 1500.0]];
        yield 'top and height' => [$hung, ['top' => '2.2 m', 'height' => '600'], ['height' => 600.0, 'base' => 1600.0]];
        yield 'top and underside' => [$hung, ['top' => '2.2 m', 'base' => '1300'], ['base' => 1300.0, 'height' => 900.0]];
        yield 'all three that go together' => [
            $hung, ['top' => '2.2 m', 'base' => '1300', 'height' => '900'], ['height' => 900.0, 'base' => 1300.0],
        ];
        yield 'all three that do not' => [$hung, ['top' => '2.2 m', 'base' => '1300', 'height' => '899'], 'do not go together'];
        yield 'what stands grows' => [['kind' => 'wardrobe', 'height' => 2000], ['top' => '2.2 m'], ['height' => 2200.0]];
        yield 'what stands without a height' => [['kind' => 'wardrobe'], ['top' => '2.2 m'], ['height' => 2200.0]];
        yield 'what hangs nobody knows how high' => [['kind' => 'mirror'], ['top' => '2.2 m'], 'its height or its underside'];
        yield 'what hangs with its height alone' => [['kind' => 'mirror', 'height' => 900], ['top' => '2 m'], ['base' => 1100.0]];
        yield 'lower than it is high' => [$hung, ['top' => '500'], 'Nothing is left below'];
        yield 'no top' => [$hung, ['top' => ''], []];
    }

    /**
     * @param array<string, mixed>         $fixture
     * @param array<string, string>        $typed
     * @param array<string, float>|string $expected values, or why it is refused
     */
    #[DataProvider('heights')]
    public function test_any_two_of_three_heights_are_typed(array $fixture, array $typed, array|string $expected): void
    {
        $element = Draft::read(ElementList::Fixtures, ['id' => 'f', 'at' => [0, 0], 'facing' => 0, ...$fixture]);
        foreach ([UnitSystem::Metric, UnitSystem::Imperial] as $units) {
            $metric = array_map(static fn(string $text): string => is_numeric($text) ? "{$text} mm" : $text, $typed);
            try {
                self::assertEquals($expected, (new TypedValues(self::home($units)))->read($element, $metric));
            } catch (RefusedValue $e) {
                self::assertSame('top', $e->key);
                self::assertIsString($expected);
                self::assertStringContainsString($expected, $e->getMessage());
            }
        }
    }

    public function test_the_head_of_a_window_is_typed(): void
    {
        $window = Draft::read(
            ElementList::Openings,
            ['id' => 'o', 'kind' => 'window', 'wall' => 'w', 'at' => 500, 'sill' => 900, 'height' => 1200],
        );
        $values = new TypedValues(self::home(UnitSystem::Metric));
        $fields = array_column(Fields::of($window), null, 'key');
        self::assertSame('2100', $values->write($window, $fields['head']));
        self::assertSame(['sill' => 800.0], $values->read($window, ['head' => '2 m']));
        self::assertSame(['height' => 1000.0, 'sill' => 1000.0], $values->read($window, ['head' => '2 m', 'height' => '1 m']));
    }

    public function test_linings_levels_and_locks_are_typed_as_they_are_written(): void
    {
        $wall = Draft::read(
            ElementList::Walls,
            ['id' => 'w', 'from' => [0, 0], 'to' => [9, 0], 'thickness' => 100, 'type' => 'interior', 'lining' => [12.5, 15]],
        );
        $room = Draft::read(ElementList::Rooms, ['id' => 'r', 'at' => [0, 0], 'level' => -20]);
        foreach ([UnitSystem::Metric, UnitSystem::Imperial] as $units) {
            $values = new TypedValues(self::home($units));
            foreach ([$wall, $room] as $element) {
                $fields = array_column(Fields::of($element), null, 'key');
                $typed = array_map(static fn(Field $field): string => $values->write($element, $field), $fields);
                self::assertSame([], $values->read($element, $typed), 'what was written changes nothing');
            }
        }
        $values = new TypedValues(self::home(UnitSystem::Metric));
        self::assertSame('12.5; 15', $values->write($wall, array_column(Fields::of($wall), null, 'key')['lining']));
        self::assertSame('-20', $values->write($room, array_column(Fields::of($room), null, 'key')['level']));
        self::assertSame('no', $values->write($wall, array_column(Fields::of($wall), null, 'key')['locked']));
        self::assertEquals(['lining' => [10.0, 20.0]], $values->read($wall, ['lining' => '10;20']));
        self::assertSame(['lining' => null], $values->read($wall, ['lining' => '']));
        self::assertSame(['level' => 15.0], $values->read($room, ['level' => '15']));
        self::assertSame(['locked' => true], $values->read($wall, ['locked' => 'yes']));
        foreach (['10', '1;2;3', '10; thick'] as $text) {
            try {
                $values->read($wall, ['lining' => $text]);
                self::fail($text);
            } catch (RefusedValue $e) {
                self::assertSame('lining', $e->key);
            }
        }
    }

    public function test_a_value_that_cannot_be_taken_names_its_field(): void
    {
        foreach ([
            ['width', '1,500', 'two ways'],
            ['operation', 'lifting', 'Choose one'],
            ['at', '', 'is needed'],
        ] as [$key, $text, $message]) {
            try {
                (new TypedValues(self::home(UnitSystem::Imperial)))->read(self::door(), [$key => $text]);
                self::fail($key);
            } catch (RefusedValue $e) {
                self::assertSame($key, $e->key);
                self::assertStringContainsString($message, $e->getMessage());
            }
        }
    }

    /** Seeded: 31. What stands in a field reads back to within what counts as equal, in either system. */
    public function test_what_stands_in_a_field_reads_back(): void
    {
        mt_srand(31);
        foreach (UnitSystem::cases() as $units) {
            for ($i = 0; $i < 200; ++$i) {
                $mm = mt_rand(0, 200_000) / 10;
                $within = $units === UnitSystem::Metric ? 1e-4 : 25.4 / 128 + 1e-4;
                $home = self::home($units, TypingUnit::cases()[$i % 3]);
                self::assertEqualsWithDelta($mm, $home->lengths()->read(LengthField::write($mm, $home))->mm, $within);
            }
        }
    }

    public function test_everything_that_can_be_placed_has_sizes_in_both_families(): void
    {
        foreach (FixtureKind::cases() as $kind) {
            [$imperial, $metric] = [Library::sizes($kind, UnitSystem::Imperial), Library::sizes($kind, UnitSystem::Metric)];
            self::assertSame(array_keys($imperial), array_keys($metric), $kind->value);
            foreach ($metric as $key => $size) {
                // the ranges know the same fixtures, of much the same size
                self::assertEqualsWithDelta($size, $imperial[$key], max(25.0, 0.55 * $size), "{$kind->value} {$key}");
            }
            self::assertLessThan(2600, $metric['depth'], $kind->value);
        }
    }

    public function test_a_thing_has_the_fields_of_its_kind_and_of_what_it_has(): void
    {
        self::assertSame(['seat'], self::own(['kind' => 'water_closet']));
        self::assertSame(['entry', 'hob'], self::own(['kind' => 'shower']));
        self::assertSame(['rim', 'shower_head'], self::own(['kind' => 'bath']));
        self::assertSame([], self::own(['kind' => 'smoke_alarm']));
        self::assertSame(
            ['rim'],
            self::own(['kind' => 'base_cabinet', 'rim' => 900]),
            'what a document says can be changed and taken away',
        );
    }

    public function test_everything_that_a_document_knows_is_offered_once(): void
    {
        $words = static fn(FixtureKind $kind): string => $kind->value;
        $groups = array_map(static fn(FixtureGroup $group): array => $group->kinds(), FixtureGroup::cases());
        $offered = array_map($words, array_merge(...$groups));
        self::assertEqualsCanonicalizing(array_map($words, FixtureKind::cases()), $offered);
    }

    public function test_what_hangs_has_a_usual_height_but_for_what_is_at_the_ceiling(): void
    {
        foreach (FixtureKind::cases() as $kind) {
            $isAtCeiling = in_array($kind, [FixtureKind::SmokeAlarm, FixtureKind::CoAlarm, FixtureKind::CeilingAccess], true);
            self::assertSame(
                $kind->hangs() && !$isAtCeiling || $kind === FixtureKind::Counter,
                isset(Library::sizes($kind, UnitSystem::Metric)['base']),
                $kind->value,
            );
        }
    }

    /**
     * @param array<string, mixed> $values of a fixture
     *
     * @return list<string> the fields that not every kind has
     */
    private static function own(array $values): array
    {
        return array_values(array_intersect(
            ['rim', 'seat', 'entry', 'hob', 'shower_head'],
            array_column(Fields::of(Draft::read(ElementList::Fixtures, ['id' => 'f', 'at' => [0, 0], 'facing' => 90, ...$values])), 'key'),
        ));
    }

    private static function door(): Element
    {
        $layout = Sketch::room(4000, 3000)
            ->door('w1', 2000, 812.8, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left'])
            ->document(['units' => 'imperial'])
            ->layout();

        return (new Draft($layout))->find('d')->element;
    }

    private static function home(UnitSystem $units, TypingUnit $typing = TypingUnit::Millimetre): Layout
    {
        return new Layout('Home', $units, typing: $typing);
    }
}
