<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

/**
 * A layout document drawn in another way: moved, turned, mirrored, its walls drawn the other way round or in two pieces, its lists in
 * another order, its ids renamed. The home stays the same.
 *
 * @phpstan-type Element array<string, mixed>
 * @phpstan-type Pair array{float|int, float|int}
 */
final class Redrawn
{
    private const LISTS = [
        'walls', 'openings', 'roof_windows', 'rooms', 'fixtures', 'voids', 'soffits', 'guards', 'terraces', 'notes', 'dimensions',
    ];
    private const OF_DOCUMENT = ['stairs', 'ramps', 'survey'];
    private const OTHER_SIDE = [
        'left' => 'right', 'right' => 'left', 'from' => 'to', 'to' => 'from', 'back_left' => 'back_right', 'back_right' => 'back_left',
        'back' => 'back_right',
        'both' => 'both',
    ];

    /** @param Element $document */
    private function __construct(private array $document) {}

    /** @param Element $document */
    public static function of(array $document): self
    {
        return new self($document);
    }

    /** @return Element */
    public function document(): array
    {
        return $this->document;
    }

    public function moved(float $x, float $y): self
    {
        return $this->placed(static fn(float $px, float $py): array => [$px + $x, $py + $y], static fn(float $angle): float => $angle);
    }

    /** @param float $step to what coordinates are rounded, mm */
    public function turned(float $degrees, float $step): self
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        $round = static fn(float $value): float => round(round($value / $step) * $step, 4);

        return $this->placed(
            static fn(float $x, float $y): array => [$round($x * $cos - $y * $sin), $round($x * $sin + $y * $cos)],
            static fn(float $angle): float => self::plain($angle + $degrees),
        );
    }

    /** Left and right exchanged. */
    public function mirrored(): self
    {
        $mirrored = $this->placed(
            static fn(float $x, float $y): array => [-$x, $y],
            static fn(float $angle): float => self::plain(180 - $angle),
        );
        $mirrored->each('openings', static fn(array $opening): array => self::swapped($opening, 'opens'));
        $mirrored->each('walls', self::relined(...));
        $mirrored->each('fixtures', static fn(array $fixture): array => isset($fixture['outline'])
            ? [
                ...$fixture,
                'outline' => array_map(static fn(array $point): array => [-$point[0], $point[1]], self::pairs($fixture, 'outline')),
            ]
            : $fixture);
        $mirrored->each('fixtures', static fn(array $fixture): array => self::swapped($fixture, 'hinge'));
        foreach (['stairs', 'ramps'] as $list) {
            $mirrored->document[$list] = array_map(self::mirroredStair(...), self::elements($mirrored->document, $list));
        }

        return $mirrored;
    }

    /** Can everything in it be mirrored? A landing that turns back goes on to the left, a spiral climbs to the left. */
    public function canBeMirrored(): bool
    {
        $stairs = (string) json_encode($this->document['stairs'] ?? []);

        return !str_contains($stairs, '"back"') && !str_contains($stairs, '"spiral"');
    }

    /** All walls drawn from their other end. */
    public function reversed(): self
    {
        return $this->eachStorey(static function (array $storey): array {
            $walls = self::elements($storey, 'walls');
            $lengths = array_combine(
                array_map(static fn(array $wall): string => self::text($wall, 'id'), $walls),
                array_map(self::length(...), $walls),
            );
            $storey['walls'] = array_map(
                static fn(array $wall): array => [
                    ...self::relined($wall),
                    'from' => $wall['to'],
                    'to' => $wall['from'],
                    'backing' => self::backing($wall, 0.0, INF, true),
                ],
                $walls,
            );
            $storey['openings'] = array_map(static fn(array $opening): array => [
                ...self::swapped(self::swapped($opening, 'hinge'), 'opens'),
                'at' => round($lengths[self::text($opening, 'wall')] - self::number($opening, 'at'), 4),
            ], self::elements($storey, 'openings'));

            return $storey;
        });
    }

    /** Walls longer than 1.2 m in two pieces, parted where no opening is. */
    public function split(): self
    {
        return $this->eachStorey(static function (array $storey): array {
            $openings = self::elements($storey, 'openings');
            $walls = [];
            foreach (self::elements($storey, 'walls') as $wall) {
                $at = self::freeOf($wall, $openings);
                if ($at === null) {
                    $walls[] = $wall;

                    continue;
                }
                $id = self::text($wall, 'id');
                $middle = self::along($wall, $at);
                array_push(
                    $walls,
                    [...$wall, 'to' => $middle, 'backing' => self::backing($wall, 0.0, $at)],
                    [...$wall, 'id' => "{$id}-2", 'from' => $middle, 'backing' => self::backing($wall, $at, INF)],
                );
                $openings = array_map(static fn(array $opening): array => $opening['wall'] === $id && self::number($opening, 'at') > $at
                    ? [...$opening, 'wall' => "{$id}-2", 'at' => round(self::number($opening, 'at') - $at, 4)]
                    : $opening, $openings);
            }

            return [...$storey, 'walls' => $walls, 'openings' => $openings];
        });
    }

    /** Every list in another order, storeys left as they are. */
    public function reordered(): self
    {
        return $this->eachStorey(static function (array $storey): array {
            foreach (array_intersect(self::LISTS, array_keys($storey)) as $list) {
                $elements = array_reverse(self::elements($storey, $list));
                // and what was last in the middle
                array_splice($elements, intdiv(count($elements), 2), 0, array_splice($elements, 0, 1));
                $storey[$list] = $elements;
            }

            return $storey;
        });
    }

    /** Every id but those of storeys with other letters before it, so that their alphabetical order changes. */
    public function renamed(): self
    {
        $rename = self::renamedElement(...);
        $renamed = new self($this->document);
        foreach (self::LISTS as $list) {
            $renamed->each($list, $rename);
        }
        foreach (self::OF_DOCUMENT as $list) {
            $renamed->document[$list] = array_map($rename, self::elements($renamed->document, $list));
        }

        return $renamed;
    }

    /**
     * @param Element $element
     *
     * @return Element
     */
    private static function renamedElement(array $element): array
    {
        return [
            ...$element,
            'id' => self::name(self::text($element, 'id')),
            ...(isset($element['wall']) ? ['wall' => self::name(self::text($element, 'wall'))] : []),
            ...(isset($element['of']) ? ['of' => self::name(self::text($element, 'of'))] : []),
            ...self::renamedEnds($element),
        ];
    }

    /**
     * @param Element $element
     *
     * @return Element of a dimension, what it begins and ends at
     */
    private static function renamedEnds(array $element): array
    {
        $renamed = [];
        foreach (['from', 'to'] as $key) {
            if (is_array($element[$key] ?? null) && is_string($element[$key]['of'] ?? null)) {
                $renamed[$key] = [...$element[$key], 'of' => self::name($element[$key]['of'])];
            }
        }

        return $renamed;
    }

    /** What an id is called after `renamed`. */
    public static function name(string $id): string
    {
        return chr(ord('a') + crc32($id) % 26)."-{$id}";
    }

    /**
     * @param Element $stair
     *
     * @return Element
     */
    private static function mirroredStair(array $stair): array
    {
        if (is_array($stair['handrails'] ?? null)) {
            $stair['handrails'] = array_combine(
                array_map(static fn(int|string $side): string => self::OTHER_SIDE[$side], array_keys($stair['handrails'])),
                $stair['handrails'],
            );
        }
        if (($stair['kind'] ?? null) === 'spiral') {
            $stair['hand'] = self::OTHER_SIDE[is_string($stair['hand'] ?? null) ? $stair['hand'] : 'left'];
        }
        $turned = static fn(mixed $part): mixed => is_array($part) ? array_map(static fn(mixed $values): mixed => is_array($values)
            && is_string($values['turn'] ?? null)
            ? [...$values, 'turn' => self::OTHER_SIDE[$values['turn']] ?? $values['turn']]
            : $values, $part) : $part;
        $stair['parts'] = is_array($stair['parts']) ? array_map($turned, $stair['parts']) : [];

        return $stair;
    }

    /**
     * @param Element $element
     *
     * @return Element
     */
    private static function swapped(array $element, string $key): array
    {
        return isset($element[$key]) ? [...$element, $key => self::OTHER_SIDE[self::text($element, $key)]] : $element;
    }

    /**
     * @param Element $wall
     *
     * @return Element its linings and tiles changed over
     */
    private static function relined(array $wall): array
    {
        foreach (['lining', 'tiles'] as $key) {
            $wall[$key] = is_array($wall[$key] ?? null) ? array_reverse($wall[$key]) : null;
        }

        return array_filter($wall, static fn(mixed $value): bool => $value !== null);
    }

    /**
     * What of a wall's backing lies between two places, told from the first of them; from the other end of the wall when turned.
     *
     * @param Element $wall
     *
     * @return list<Element>
     */
    private static function backing(array $wall, float $start, float $end, bool $isTurned = false): array
    {
        $backing = [];
        foreach (self::elements($wall, 'backing') as $one) {
            [$from, $to] = [max(self::number($one, 'from'), $start) - $start, min(self::number($one, 'to'), $end) - $start];
            [$from, $to] = $isTurned ? [self::length($wall) - $to, self::length($wall) - $from] : [$from, $to];
            if ($to > $from) {
                $backing[] = [...$one, 'from' => round($from, 4), 'to' => round($to, 4)];
            }
        }

        return $backing;
    }

    /**
     * How far along a wall it may be parted: near its middle, away from openings.
     *
     * @param Element       $wall
     * @param list<Element> $openings
     */
    private static function freeOf(array $wall, array $openings): ?float
    {
        $length = self::length($wall);
        foreach ($length < 1200 ? [] : [0.43, 0.29, 0.61, 0.77] as $share) {
            $at = round($share * $length);
            $taken = array_filter(
                $openings,
                static fn(array $opening): bool => $opening['wall'] === $wall['id']
                    && abs(self::number($opening, 'at') - $at) < self::number($opening, 'width') / 2 + 50,
            );
            if ($taken === []) {
                return $at;
            }
        }

        return null;
    }

    /**
     * @param callable(float, float): Pair $point
     * @param callable(float): float       $angle
     */
    private function placed(callable $point, callable $angle): self
    {
        $placed = new self($this->document);
        $placed->document['north'] = $angle(self::number($this->document, 'north', 90));
        foreach (self::LISTS as $list) {
            $placed->each($list, static fn(array $element): array => self::placedElement($element, $point, $angle, $list !== 'fixtures'));
        }
        foreach (self::OF_DOCUMENT as $list) {
            $placed->document[$list] = array_map(
                static fn(array $element): array => self::placedElement($element, $point, $angle, false),
                self::elements($placed->document, $list),
            );
        }

        return $placed;
    }

    /**
     * @param Element                      $element
     * @param callable(float, float): Pair $point
     * @param callable(float): float       $angle
     *
     * @return Element
     */
    private static function placedElement(array $element, callable $point, callable $angle, bool $withOutline): array
    {
        $at = static fn(array $of, string $key): array => $point(...self::pair($of, $key));
        foreach (['from', 'to', 'at', 'start', 'through'] as $key) {
            if (is_array($element[$key] ?? null)) {
                $element[$key] = isset($element[$key]['at']) ? [...$element[$key], 'at' => $at($element[$key], 'at')] : $at($element, $key);
            }
        }
        if (isset($element['direction'])) {
            $element['direction'] = $angle(self::number($element, 'direction'));
        }
        foreach ($withOutline ? ['outline', 'line'] : [] as $key) {
            if (isset($element[$key])) {
                $element[$key] = array_map(static fn(array $pair): array => $point($pair[0], $pair[1]), self::pairs($element, $key));
            }
        }
        if (isset($element['facing'])) {
            $element['facing'] = $angle(self::number($element, 'facing'));
        }
        if (is_array($element['ceiling'] ?? null)) {
            /** @var Element $ceiling */
            $ceiling = $element['ceiling'];
            $element['ceiling'] = [...$ceiling, 'from' => $at($ceiling, 'from'), 'to' => $at($ceiling, 'to')];
        }

        return $element;
    }

    /** @param callable(Element): Element $change */
    private function each(string $list, callable $change): void
    {
        $this->document = $this->eachStorey(
            static fn(array $storey): array => isset($storey[$list])
                ? [...$storey, $list => array_map($change, self::elements($storey, $list))]
                : $storey,
        )->document;
    }

    /** @param callable(Element): Element $change */
    private function eachStorey(callable $change): self
    {
        return new self([...$this->document, 'storeys' => array_map($change, self::elements($this->document, 'storeys'))]);
    }

    private static function plain(float $angle): float
    {
        return round(fmod(fmod($angle, 360) + 360, 360), 4);
    }

    /** @param Element $wall */
    private static function length(array $wall): float
    {
        [$from, $to] = [self::pair($wall, 'from'), self::pair($wall, 'to')];

        return hypot($to[0] - $from[0], $to[1] - $from[1]);
    }

    /**
     * @param Element $wall
     *
     * @return Pair
     */
    private static function along(array $wall, float $at): array
    {
        [$from, $to, $share] = [self::pair($wall, 'from'), self::pair($wall, 'to'), $at / self::length($wall)];

        return [round($from[0] + ($to[0] - $from[0]) * $share, 4), round($from[1] + ($to[1] - $from[1]) * $share, 4)];
    }

    /**
     * @param Element $of
     *
     * @return list<Element>
     */
    private static function elements(array $of, string $list): array
    {
        /** @var list<Element> $elements as the format has it */
        $elements = $of[$list] ?? [];

        return $elements;
    }

    /**
     * @param array<mixed> $element
     *
     * @return Pair
     */
    private static function pair(array $element, string $key): array
    {
        /** @var Pair $pair as the format has it */
        $pair = $element[$key];

        return $pair;
    }

    /**
     * @param Element $element
     *
     * @return list<Pair>
     */
    private static function pairs(array $element, string $key): array
    {
        /** @var list<Pair> $pairs as the format has it */
        $pairs = $element[$key];

        return $pairs;
    }

    /** @param Element $element */
    private static function number(array $element, string $key, float $usual = 0.0): float
    {
        $number = $element[$key] ?? null;

        return is_int($number) || is_float($number) ? (float) $number : $usual;
    }

    /** @param Element $element */
    private static function text(array $element, string $key): string
    {
        return is_string($element[$key] ?? null) ? $element[$key] : '';
    }
}
