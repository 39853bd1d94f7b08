<?php

declare(strict_types=1);

namespace Heurema\Tests;

/**
 * Plans made by splitting a rectangle again and again, walls of mixed thickness, some with a free-standing block in a
 * room, turned by any angle. The same seed makes the same plan.
 */
final class RandomPlan
{
    private const LEAST_SIDE = 1800.0;
    private const THICKNESSES = [70.0, 90.0, 100.0, 114.3, 140.0];

    /** @var list<array<string, mixed>> */
    private array $walls = [];

    /** @var list<array<string, mixed>> */
    private array $rooms = [];

    private function __construct(private readonly float $turn) {}

    /** @return array<string, mixed> a layout document with about so many rooms */
    public static function document(int $seed, int $rooms, bool $turned = true): array
    {
        mt_srand($seed);
        $plan = new self($turned ? mt_rand(0, 359999) / 1000 : 0.0);
        $side = 3600.0 * sqrt($rooms);
        [$width, $depth] = [round($side * (0.8 + 0.4 * self::share())), round($side * (0.8 + 0.4 * self::share()))];
        foreach ([
            [[0, 0], [$width, 0]],
            [[$width, 0], [$width, $depth]],
            [[$width, $depth], [0, $depth]],
            [[0, $depth], [0, 0]],
        ] as [$from, $to]) {
            $plan->wall($from, $to, 140.0 + 20 * mt_rand(0, 8), 'exterior');
        }
        $plan->split(0, 0, $width, $depth, $rooms);

        return [
            'format' => 'heurema-layout', 'version' => 1, 'name' => "Random {$seed}", 'units' => 'metric',
            'storeys' => [['id' => 'G', 'elevation' => 0, 'ceiling' => 2500, 'walls' => $plan->walls, 'rooms' => $plan->rooms]],
        ];
    }

    /**
     * A convex outline with walls running through it at any angle, crossing one another and ending on the outer walls.
     *
     * @return array<string, mixed>
     */
    public static function oblique(int $seed): array
    {
        mt_srand($seed);
        $plan = new self(mt_rand(0, 359999) / 1000);
        $corners = array_map(static fn(int $i): array => [7000 * cos(2 * M_PI * $i / 7), 7000 * sin(2 * M_PI * $i / 7)], range(0, 6));
        foreach ($corners as $i => $corner) {
            $plan->wall($corner, $corners[($i + 1) % 7], 140.0 + 20 * mt_rand(0, 8), 'exterior');
        }
        foreach ([[0, 3], [1, 5], [2, 6]] as [$first, $second]) {
            $plan->wall(self::between($corners, $first), self::between($corners, $second), self::THICKNESSES[mt_rand(0, 4)], 'interior');
        }
        for ($i = 0; $i < 24; ++$i) {
            $plan->rooms[] = ['id' => "r{$i}", 'use' => 'bedroom', 'at' => $plan->turned(mt_rand(-4500, 4500), mt_rand(-4500, 4500))];
        }

        return [
            'format' => 'heurema-layout', 'version' => 1, 'name' => "Oblique {$seed}", 'units' => 'metric',
            'storeys' => [['id' => 'G', 'elevation' => 0, 'ceiling' => 2500, 'walls' => $plan->walls, 'rooms' => $plan->rooms]],
        ];
    }

    /**
     * A point on a side of the outline, away from its corners.
     *
     * @param list<array{float, float}> $corners
     *
     * @return array{float, float}
     */
    private static function between(array $corners, int $side): array
    {
        [$from, $to] = [$corners[$side], $corners[($side + 1) % count($corners)]];
        $share = 0.25 + 0.5 * self::share();

        return [$from[0] + $share * ($to[0] - $from[0]), $from[1] + $share * ($to[1] - $from[1])];
    }

    private function split(float $x, float $y, float $width, float $depth, int $rooms): void
    {
        $alongX = $width > $depth;
        $side = $alongX ? $width : $depth;
        if ($rooms < 2 || $side < 2 * self::LEAST_SIDE) {
            $this->room($x, $y, $width, $depth);

            return;
        }
        $first = max(1, min($rooms - 1, (int) round($rooms * (0.35 + 0.3 * self::share()))));
        $at = round(max(self::LEAST_SIDE, min($side - self::LEAST_SIDE, $side * $first / $rooms)), 1);
        $thickness = self::THICKNESSES[mt_rand(0, 4)];
        if ($alongX) {
            $this->wall([$x + $at, $y], [$x + $at, $y + $depth], $thickness, 'interior');
            $this->split($x, $y, $at, $depth, $first);
            $this->split($x + $at, $y, $width - $at, $depth, $rooms - $first);
        } else {
            $this->wall([$x, $y + $at], [$x + $width, $y + $at], $thickness, 'interior');
            $this->split($x, $y, $width, $at, $first);
            $this->split($x, $y + $at, $width, $depth - $at, $rooms - $first);
        }
    }

    private function room(float $x, float $y, float $width, float $depth): void
    {
        $this->rooms[] = ['id' => 'r'.count($this->rooms), 'use' => 'bedroom', 'at' => $this->turned($x + $width * 0.3, $y + $depth * 0.3)];
        if (mt_rand(0, 9) === 0) {
            $middle = [$x + $width * 0.62, $y + $depth * 0.62];
            $this->wall([$middle[0] - 150, $middle[1]], [$middle[0] + 150, $middle[1]], 200.0 + 10 * mt_rand(0, 10), 'interior');
        }
    }

    /**
     * @param array{float|int, float|int} $from
     * @param array{float|int, float|int} $to
     */
    private function wall(array $from, array $to, float $thickness, string $type): void
    {
        $this->walls[] = [
            'id' => 'w'.count($this->walls), 'from' => $this->turned(...$from), 'to' => $this->turned(...$to), 'thickness' => $thickness,
            'type' => $type,
        ];
    }

    /** @return array{float, float} */
    private function turned(float $x, float $y): array
    {
        $angle = deg2rad($this->turn);

        return [round($x * cos($angle) - $y * sin($angle), 4), round($x * sin($angle) + $y * cos($angle), 4)];
    }

    private static function share(): float
    {
        return mt_rand() / mt_getrandmax();
    }
}
