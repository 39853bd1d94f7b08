<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

/**
 * A layout document drawn in another way: moved, turned, mirrored, its walls drawn the other way round or in two pieces, its lists in
 * another order, its ids renamed. The home stays the same.
 *
 * @phpstan-type Element array<string, mixed>
 */
final class Redrawn
{
    private const LISTS = ['walls', 'openings', 'rooms', 'fixtures', 'voids', 'soffits', 'guards', 'notes'];

    /** @param array<string, mixed> $document */
    private function __construct(private array $document) {}

    /** @param array<string, mixed> $document */
    public static function of(array $document): self
    {
        return new self($document);
    }

    /** @return array<string, mixed> */
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
        $mirrored = $this->placed(static fn(float $x, float $y): array => [-$x, $y], static fn(float $angle): float => self::plain(180 - $angle));
        $other = static fn(mixed $side): mixed => match ($side) {
            'left' => 'right',
            'right' => 'left',
            default => $side,
        };
        $mirrored->each('openings', static fn(array $opening): array => isset($opening['opens']) ? [...$opening, 'opens' => $other($opening['opens'])] : $opening);
        $mirrored->each('walls', static fn(array $wall): array => isset($wall['lining']) && is_array($wall['lining']) ? [...$wall, 'lining' => array_reverse($wall['lining'])] : $wall);
        $mirrored->each('fixtures', static fn(array $fixture): array => isset($fixture['outline']) ? [...$fixture, 'outline' => array_map(static fn(array $point): array => [-$point[0], $point[1]], $fixture['outline'])] : $fixture);
        foreach ($mirrored->document['stairs'] ?? [] as $number => $stair) {
            if (isset($stair['handrails'])) {
                $stair['handrails'] = array_filter(['left' => $stair['handrails']['right'] ?? 'no', 'right' => $stair['handrails']['left'] ?? 'no'], static fn(mixed $rail): bool => $rail !== 'no');
                foreach (['left' => 'right', 'right' => 'left'] as $to => $from) {
                    if (array_key_exists($from, $mirrored->document['stairs'][$number]['handrails'])) {
                        $stair['handrails'][$to] = $mirrored->document['stairs'][$number]['handrails'][$from];
                    }
                }
            }
            foreach ($stair['parts'] as $i => $part) {
                foreach ($part as $kind => $values) {
                    $stair['parts'][$i][$kind] = isset($values['turn']) ? [...$values, 'turn' => $other($values['turn'])] : $values;
                }
            }
            $mirrored->document['stairs'][$number] = $stair;
        }

        return $mirrored;
    }

    /** Can everything in it be mirrored? A landing that turns back goes on to the left, a spiral climbs to the left. */
    public function canBeMirrored(): bool
    {
        return !str_contains((string) json_encode($this->document['stairs'] ?? []), '"back"') && !str_contains((string) json_encode($this->document['stairs'] ?? []), '"spiral"');
    }

    /** All walls drawn from their other end. */
    public function reversed(): self
    {
        $reversed = new self($this->document);
        $reversed->eachStorey(static function (array $storey): array {
            $lengths = [];
            foreach ($storey['walls'] ?? [] as $number => $wall) {
                $lengths[$wall['id']] = hypot($wall['to'][0] - $wall['from'][0], $wall['to'][1] - $wall['from'][1]);
                $storey['walls'][$number] = [...$wall, 'from' => $wall['to'], 'to' => $wall['from'], ...(isset($wall['lining']) ? ['lining' => array_reverse($wall['lining'])] : [])];
            }
            foreach ($storey['openings'] ?? [] as $number => $opening) {
                $opening['at'] = round($lengths[$opening['wall']] - $opening['at'], 4);
                foreach (['hinge' => ['from' => 'to', 'to' => 'from'], 'opens' => ['left' => 'right', 'right' => 'left']] as $key => $others) {
                    if (isset($opening[$key])) {
                        $opening[$key] = $others[$opening[$key]];
                    }
                }
                $storey['openings'][$number] = $opening;
            }

            return $storey;
        });

        return $reversed;
    }

    /** Walls longer than 1.2 m in two pieces, parted where no opening is. */
    public function split(): self
    {
        $split = new self($this->document);
        $split->eachStorey(static function (array $storey): array {
            $walls = [];
            foreach ($storey['walls'] ?? [] as $wall) {
                $at = self::freeOf($wall, $storey['openings'] ?? []);
                if ($at === null) {
                    $walls[] = $wall;

                    continue;
                }
                $length = hypot($wall['to'][0] - $wall['from'][0], $wall['to'][1] - $wall['from'][1]);
                $middle = array_map(static fn(float|int $from, float|int $to): float => round($from + ($to - $from) * $at / $length, 4), $wall['from'], $wall['to']);
                array_push($walls, [...$wall, 'to' => $middle], [...$wall, 'id' => "{$wall['id']}-2", 'from' => $middle]);
                foreach ($storey['openings'] ?? [] as $number => $opening) {
                    if ($opening['wall'] === $wall['id'] && $opening['at'] > $at) {
                        $storey['openings'][$number] = [...$opening, 'wall' => "{$wall['id']}-2", 'at' => round($opening['at'] - $at, 4)];
                    }
                }
            }
            $storey['walls'] = $walls;

            return $storey;
        });

        return $split;
    }

    /** Every list in another order, storeys left as they are. */
    public function reordered(): self
    {
        $reordered = new self($this->document);
        $reordered->eachStorey(static function (array $storey): array {
            foreach (self::LISTS as $list) {
                if (isset($storey[$list])) {
                    $storey[$list] = array_reverse($storey[$list]);
                    // and what was last in the middle
                    array_splice($storey[$list], intdiv(count($storey[$list]), 2), 0, array_splice($storey[$list], 0, 1));
                }
            }

            return $storey;
        });

        return $reordered;
    }

    /** Every id but those of storeys with other letters before it, so that their alphabetical order changes. */
    public function renamed(): self
    {
        $renamed = new self($this->document);
        $name = static fn(string $id): string => self::name($id);
        foreach (self::LISTS as $list) {
            $renamed->each($list, static fn(array $element): array => [...$element, 'id' => $name($element['id']), ...(isset($element['wall']) ? ['wall' => $name($element['wall'])] : [])]);
        }
        foreach (['stairs', 'survey'] as $list) {
            foreach ($renamed->document[$list] ?? [] as $number => $element) {
                $renamed->document[$list][$number]['id'] = $name($element['id']);
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
     * How far along a wall it may be parted: near its middle, away from openings.
     *
     * @param Element       $wall
     * @param list<Element> $openings
     */
    private static function freeOf(array $wall, array $openings): ?float
    {
        $length = hypot($wall['to'][0] - $wall['from'][0], $wall['to'][1] - $wall['from'][1]);
        foreach ($length < 1200 ? [] : [0.43, 0.29, 0.61, 0.77] as $share) {
            $at = round($share * $length);
            $taken = array_filter($openings, static fn(array $opening): bool => $opening['wall'] === $wall['id'] && abs($opening['at'] - $at) < ($opening['width'] ?? 0) / 2 + 50);
            if ($taken === []) {
                return $at;
            }
        }

        return null;
    }

    private static function plain(float $angle): float
    {
        return round(fmod(fmod($angle, 360) + 360, 360), 4);
    }

    /**
     * @param callable(float, float): array{float, float} $point
     * @param callable(float): float                      $angle
     */
    private function placed(callable $point, callable $angle): self
    {
        $at = static fn(array $pair): array => $point((float) $pair[0], (float) $pair[1]);
        $placed = new self($this->document);
        $placed->document['north'] = $angle((float) ($this->document['north'] ?? 90));
        foreach (self::LISTS as $list) {
            $placed->each($list, static function (array $element) use ($list, $at, $angle): array {
                foreach (['from', 'to', 'at'] as $key) {
                    if (isset($element[$key]) && is_array($element[$key])) {
                        $element[$key] = $at($element[$key]);
                    }
                }
                foreach ($list === 'fixtures' ? [] : ['outline', 'line'] as $key) {
                    if (isset($element[$key])) {
                        $element[$key] = array_map($at, $element[$key]);
                    }
                }
                if (isset($element['facing'])) {
                    $element['facing'] = $angle((float) $element['facing']);
                }
                if (isset($element['ceiling']) && is_array($element['ceiling'])) {
                    $element['ceiling'] = [...$element['ceiling'], 'from' => $at($element['ceiling']['from']), 'to' => $at($element['ceiling']['to'])];
                }

                return $element;
            });
        }
        foreach ($placed->document['stairs'] ?? [] as $number => $stair) {
            $placed->document['stairs'][$number] = [...$stair, 'start' => $at($stair['start']), 'facing' => $angle((float) $stair['facing'])];
        }
        foreach ($placed->document['survey'] ?? [] as $number => $distance) {
            $placed->document['survey'][$number] = [...$distance, 'from' => $at($distance['from']), 'to' => $at($distance['to'])];
        }

        return $placed;
    }

    /** @param callable(Element): Element $change */
    private function each(string $list, callable $change): void
    {
        $this->eachStorey(static fn(array $storey): array => isset($storey[$list]) ? [...$storey, $list => array_map($change, $storey[$list])] : $storey);
    }

    /** @param callable(Element): Element $change */
    private function eachStorey(callable $change): void
    {
        $this->document['storeys'] = array_map($change, $this->document['storeys']);
    }
}
