<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Words\FixtureKind;

/**
 * What the elements of a home are marked with: as the document says, else numbered within their series, `D1`, `D2`, storey by storey in
 * reading order, after those that have numbers already. Rooms and walls are numbered by storey, `101`, `W-101`.
 */
final class Marks
{
    /** The lists whose elements have marks. */
    public const LISTS = [
        ElementList::Rooms, ElementList::Walls, ElementList::Openings, ElementList::RoofWindows, ElementList::Stairs, ElementList::Ramps,
        ElementList::Fixtures, ElementList::Voids, ElementList::Soffits, ElementList::Guards,
    ];

    /** A storey whose floor lies deeper below the datum of the home is a basement, mm. */
    private const BASEMENT = -1000.0;

    /** @var array<string>|null by id */
    private ?array $marks = null;

    /** @var array<string, true> marks that are given, by list and mark */
    private array $taken = [];

    /**
     * @param array<string> $known of elements that the document says none of, by id; what is not free any more is left aside
     * @param list<string>  $units ids of units of kitchens in the order in which they are numbered; others come after
     */
    public function __construct(private readonly Layout $layout, private readonly array $known = [], private readonly array $units = []) {}

    /** What an element is marked with; empty where it has no mark. */
    public function of(string $id): string
    {
        return $this->all()[$id] ?? '';
    }

    /** @return array<string> by id */
    public function all(): array
    {
        return $this->marks ??= $this->give();
    }

    /** Is its mark a number of its series, on whatever storey? */
    public static function isNumbered(Element $element): bool
    {
        $letters = self::letters($element, '');
        $storey = str_ends_with($letters, '#') ? '(?:B\d?|\d)\d' : '';

        return preg_match('/^'.preg_quote(rtrim($letters, '#'), '/')."{$storey}\\d+$/D", $element->mark() ?? '') === 1;
    }

    /** Are they numbered in one row? */
    public static function areOfOneSeries(Element $one, Element $other): bool
    {
        return self::letters($one, '') === self::letters($other, '');
    }

    /** @return array<string> */
    private function give(): array
    {
        $inOrder = ReadingOrder::of($this->layout, self::LISTS);
        $elements = array_map(static fn(ReadingOrder $one): Element => $one->element, $inOrder);
        $marks = $this->taken($elements, static fn(Element $element): ?string => $element->mark());
        $marks += $this->taken(
            array_filter($elements, static fn(Element $element): bool => !isset($marks[$element->id()])),
            fn(Element $element): ?string => $this->known[$element->id()] ?? null,
        );
        foreach ($this->series($inOrder) as $letters => $elements) {
            $number = self::highest($letters, array_intersect_key($marks, $elements));
            foreach (array_diff_key($elements, $marks) as $id => $element) {
                do {
                    $mark = self::numbered($letters, ++$number);
                } while (!$this->take($element, $mark));
                $marks[$id] = $mark;
            }
        }

        return $marks;
    }

    /**
     * @param array<Element>             $elements
     * @param \Closure(Element): ?string $mark
     *
     * @return array<string> those that were free, by id
     */
    private function taken(array $elements, \Closure $mark): array
    {
        $marks = [];
        foreach ($elements as $element) {
            $its = $mark($element);
            if ($its !== null && $this->take($element, $its)) {
                $marks[$element->id()] = $its;
            }
        }

        return $marks;
    }

    /** @return bool was it free? */
    private function take(Element $element, string $mark): bool
    {
        $key = "{$element::list()->value} ".mb_strtolower($mark);
        $isFree = !isset($this->taken[$key]);
        $this->taken[$key] = true;

        return $isFree;
    }

    /**
     * @param list<ReadingOrder> $inOrder
     *
     * @return array<string, array<Element>> by the letters that their marks begin with, and id
     */
    private function series(array $inOrder): array
    {
        $series = [];
        foreach ($inOrder as $one) {
            $series[self::letters($one->element, $this->storeyLetters($one->storey))][$one->element->id()] = $one->element;
        }
        $units = FixtureKind::BaseCabinet->letters();
        $listed = $series[$units] ?? [];
        $ordered = [];
        foreach (array_filter($this->units, static fn(string $id): bool => isset($listed[$id])) as $id) {
            $ordered[$id] = $listed[$id];
        }
        $series[$units] = $ordered + $listed;

        return $series;
    }

    /** `1` for the storey one enters, `2` for the next one up, `B` for a basement, `B2` for the one below. */
    private function storeyLetters(int $storey): string
    {
        $basements = 0;
        foreach ($this->layout->storeys as $one) {
            $basements += ($one->elevation ?? 0.0) < self::BASEMENT ? 1 : 0;
        }
        $below = $basements - $storey;

        return match (true) {
            $below <= 0 => (string) (1 - $below),
            $below === 1 => 'B',
            default => "B{$below}",
        };
    }

    private static function letters(Element $element, string $storey): string
    {
        return match (true) {
            $element instanceof Room => "{$storey}#",
            $element instanceof Wall => "W-{$storey}#",
            $element instanceof Opening => $element->kind->letters(),
            $element instanceof RoofWindow => 'RW',
            $element instanceof Stair => 'ST',
            $element instanceof Ramp => 'RA',
            $element instanceof Fixture => $element->kind->letters(),
            $element instanceof FloorOpening => 'FO',
            $element instanceof Soffit => 'SP',
            default => 'G',
        };
    }

    /** `#` stands for a number of two digits. */
    private static function numbered(string $letters, int $number): string
    {
        return str_ends_with($letters, '#') ? substr($letters, 0, -1).sprintf('%02d', $number) : $letters.$number;
    }

    /**
     * @param array<string> $marks
     *
     * @return int the highest number that is given in a series; 0: none
     */
    private static function highest(string $letters, array $marks): int
    {
        $pattern = '/^'.preg_quote(rtrim($letters, '#'), '/').'(\d{1,6})$/iD';
        $numbers = array_map(
            static fn(string $mark): int => preg_match($pattern, $mark, $found) === 1 ? (int) $found[1] : 0,
            array_values($marks),
        );

        return max([0, ...$numbers]);
    }
}
