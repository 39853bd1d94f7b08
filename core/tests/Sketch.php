<?php

declare(strict_types=1);

namespace Heurema\Tests;

use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;

/** A small home put together for a test, in millimetres, on one storey unless more are added. */
final class Sketch
{
    /** @var array<string, mixed> */
    private array $storey = ['id' => 'G', 'name' => 'Ground', 'elevation' => 0, 'ceiling' => 2400, 'floor_thickness' => 250];

    /** @var list<array<string, mixed>> */
    private array $upper = [];

    /** @var list<array<string, mixed>> */
    private array $stairs = [];

    /** @var array<string, mixed> */
    private array $document = ['format' => 'heurema-layout', 'version' => 1, 'name' => 'Test', 'units' => 'metric', 'grade' => 0];

    private int $walls = 0;

    /**
     * Four exterior walls around clear inside measures, from the origin.
     */
    public static function room(float $width, float $depth, string $use = 'bedroom', float $thickness = 200): self
    {
        $half = $thickness / 2;

        return (new self())
            ->chain([[-$half, -$half], [$width + $half, -$half], [$width + $half, $depth + $half], [-$half, $depth + $half]], $thickness)
            ->use('r', $use, $width / 2, $depth / 2);
    }

    /** @param list<array{float|int, float|int}> $points a closed chain of walls through them, numbered w1, w2, … */
    public function chain(array $points, float $thickness = 200, string $type = 'exterior'): self
    {
        foreach ($points as $i => $from) {
            $this->wall($from, $points[($i + 1) % count($points)], $thickness, $type);
        }

        return $this;
    }

    /**
     * @param array{float|int, float|int} $from
     * @param array{float|int, float|int} $to
     * @param array<string, mixed>        $more
     */
    public function wall(array $from, array $to, float $thickness = 100, string $type = 'interior', array $more = []): self
    {
        return $this->add(
            'walls',
            ['id' => 'w'.++$this->walls, 'from' => $from, 'to' => $to, 'thickness' => $thickness, 'type' => $type, ...$more],
        );
    }

    /** @param array{float|int, float|int} $tiles how high a wall is tiled, left and right of its line */
    public function tiled(string $wall, array $tiles): self
    {
        $walls = is_array($this->storey['walls'] ?? null) ? $this->storey['walls'] : [];
        $this->storey['walls'] = array_map(
            static fn(mixed $one): mixed => is_array($one) && $one['id'] === $wall ? [...$one, 'tiles' => $tiles] : $one,
            $walls,
        );

        return $this;
    }

    /** @param array<string, mixed> $more */
    public function use(string $id, string $use, float $x, float $y, array $more = []): self
    {
        return $this->add('rooms', ['id' => $id, 'name' => ucfirst($id), 'use' => $use, 'at' => [$x, $y], ...$more]);
    }

    /** @param array<string, mixed> $element */
    public function add(string $list, array $element): self
    {
        $elements = $this->storey[$list] ?? [];
        $this->storey[$list] = [...(is_array($elements) ? $elements : []), $element];

        return $this;
    }

    /** @param array<string, mixed> $more */
    public function door(string $wall, float $at, float $width, array $more = []): self
    {
        return $this->add(
            'openings',
            ['id' => 'd', 'kind' => 'door', 'wall' => $wall, 'at' => $at, 'width' => $width, 'height' => 2040, ...$more],
        );
    }

    /** @param array<string, mixed> $more */
    public function window(string $wall, float $at, float $width, float $height, array $more = []): self
    {
        return $this->add(
            'openings',
            ['id' => 'n', 'kind' => 'window', 'wall' => $wall, 'at' => $at, 'width' => $width, 'height' => $height, ...$more],
        );
    }

    /** @param array<string, mixed> $more */
    public function fixture(string $id, string $kind, float $x, float $y, float $facing, float $width, float $depth, array $more = []): self
    {
        return $this->add(
            'fixtures',
            ['id' => $id, 'kind' => $kind, 'at' => [$x, $y], 'facing' => $facing, 'width' => $width, 'depth' => $depth, ...$more],
        );
    }

    /** @param array<string, mixed> $more what is said of an element beside what it has */
    public function sized(string $list, string $id, array $more): self
    {
        $elements = is_array($this->storey[$list] ?? null) ? $this->storey[$list] : [];
        $this->storey[$list] = array_map(
            static fn(mixed $one): mixed => is_array($one) && $one['id'] === $id ? [...$one, ...$more] : $one,
            $elements,
        );

        return $this;
    }

    /** @param array<string, mixed> $stair */
    public function stair(array $stair, float $upperElevation = 2650): self
    {
        $this->upper = $this->upper === []
            ? [['id' => 'U', 'name' => 'Upper', 'elevation' => $upperElevation, 'ceiling' => 2400]]
            : $this->upper;
        $this->stairs[] = self::known([
            'id' => 's', 'name' => 'Stair', 'from_storey' => 'G', 'to_storey' => 'U', 'start' => [0, 0], 'facing' => 90, 'width' => 900,
            ...$stair,
        ]);

        return $this;
    }

    /**
     * The storey that the stairs reach: the outer walls once more, with whatever is said.
     *
     * @param array<string, mixed> $changes
     */
    public function upper(array $changes): self
    {
        $walls = [];
        foreach (is_array($this->storey['walls'] ?? null) ? $this->storey['walls'] : [] as $wall) {
            if (is_array($wall) && $wall['type'] === 'exterior' && is_string($wall['id'])) {
                $walls[] = [...$wall, 'id' => "u{$wall['id']}"];
            }
        }
        $this->upper[0] = self::known([
            'id' => 'U', 'name' => 'Upper', 'elevation' => 2650, 'ceiling' => 2400, 'floor_thickness' => 250, 'walls' => $walls,
            ...$this->upper[0] ?? [], ...$changes,
        ]);

        return $this;
    }

    /** @param array<string, mixed> $changes of one more storey, without walls */
    public function top(array $changes): self
    {
        $this->upper[] = ['id' => 'T', 'name' => 'Top', 'ceiling' => 2400, 'floor_thickness' => 250, ...$changes];

        return $this;
    }

    /** @param array<string, mixed> $changes */
    public function with(array $changes): self
    {
        $this->storey = self::known([...$this->storey, ...$changes]);

        return $this;
    }

    /** @param array<string, mixed> $changes */
    public function document(array $changes): self
    {
        $this->document = self::known([...$this->document, ...$changes]);

        return $this;
    }

    public function json(): string
    {
        return json_encode(
            [...$this->document, 'storeys' => [$this->storey, ...$this->upper], 'stairs' => $this->stairs],
            JSON_THROW_ON_ERROR,
        );
    }

    public function layout(): Layout
    {
        return (new LayoutReader())->read($this->json());
    }

    public function home(): Home
    {
        return new Home($this->layout());
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed> what is not null
     */
    private static function known(array $values): array
    {
        return array_filter($values, static fn(mixed $value): bool => $value !== null);
    }
}
