<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The headroom of straight stairs under floors with openings of all kinds against the same found in another way: by looking up from
 * many places on the steps. Definition: from the line over the nosings straight up, over the whole width (IRC 2021, R311.7.2, from
 * memory).
 */
final class SampledHeadroomTest extends TestCase
{
    private const FLOOR = 250.0;

    /** How far apart the places lie, in parts of the run and of the width. */
    private const PLACES = 400;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 40) as $seed) {
            yield "stair {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_looking_up_from_many_places(int $seed): void
    {
        mt_srand($seed);
        $risers = mt_rand(10, 17);
        $tread = (float) mt_rand(210, 320);
        $rise = (float) mt_rand(2300, 3200);
        $width = (float) mt_rand(700, 1300);
        $turns = mt_rand(0, 3);
        $run = ($risers - 1) * $tread;
        // from the middle of the foot: up the stair, and to both sides of its middle
        $opening = [
            'from' => mt_rand(-200, (int) ($run * 0.7)),
            'to' => $run + mt_rand(0, 400),
            'left' => -mt_rand((int) ($width * 0.3), (int) $width),
            'right' => mt_rand((int) ($width * 0.3), (int) $width),
        ];
        $measured = $this->measured($risers, $tread, $rise, $width, $turns, $opening);
        $sampled = $this->sampled($risers, $tread, $rise, $width, $opening);
        // the places lie so far apart that the slope makes so much of a difference
        self::assertEqualsWithDelta(
            max(0.0, $sampled),
            $measured,
            $run / self::PLACES * ($rise / $risers) / $tread + 1.0,
            "{$risers} risers of {$tread} mm over {$rise} mm",
        );
    }

    /** @param array{from: int|float, to: int|float, left: int|float, right: int|float} $opening */
    private function measured(int $risers, float $tread, float $rise, float $width, int $turns, array $opening): float
    {
        // the foot in the middle of a room of 20 m; a stair that faces 90 climbs towards y
        $place = static function (float $along, float $aside) use ($turns): array {
            [$x, $y] = [-$aside, $along];
            for ($turn = 0; $turn < $turns; ++$turn) {
                [$x, $y] = [-$y, $x];
            }

            return [10000 + $x, 10000 + $y];
        };
        $outline = [
            $place($opening['from'], $opening['left']),
            $place($opening['from'], $opening['right']),
            $place($opening['to'], $opening['right']),
            $place($opening['to'], $opening['left']),
        ];
        $home = Sketch::room(20000, 20000, 'hall')->with(['ceiling' => $rise - self::FLOOR])
            ->stair(
                [
                    'start' => $place(0, 0),
                    'facing' => (90 + 90 * $turns) % 360,
                    'width' => $width,
                    'parts' => [['flight' => ['risers' => $risers, 'tread' => $tread]]],
                ],
                $rise,
            )
            ->upper([
                'elevation' => $rise,
                'floor_thickness' => self::FLOOR,
                'ceiling' => 2400,
                'voids' => [['id' => 'v', 'outline' => $outline]],
                'rooms' => [['id' => 'u', 'use' => 'hall', 'at' => [500, 500]]],
            ])->home();
        $measured = Catalogue::standard()->get('stair.headroom')?->of($home->stairs[0], $home, new Parameters());
        self::assertInstanceOf(Measured::class, $measured);

        return $measured->amount()->number;
    }

    /** @param array{from: int|float, to: int|float, left: int|float, right: int|float} $opening */
    private function sampled(int $risers, float $tread, float $rise, float $width, array $opening): float
    {
        $lowest = INF;
        $run = ($risers - 1) * $tread;
        for ($i = 0; $i <= self::PLACES; ++$i) {
            $along = $run * $i / self::PLACES;
            $nosing = ($rise / $risers) * (1 + $along / $tread);
            for ($j = 0; $j <= 40; ++$j) {
                // a hair within the edges, where it is plain what lies above
                $aside = ($width - 0.02) * ($j / 40 - 0.5);
                $isOpen = $along > $opening['from'] && $along < $opening['to'] && $aside > $opening['left'] && $aside < $opening['right'];
                $above = $isOpen ? $rise + 2400 : ($along < $run || $opening['to'] > $run ? $rise - self::FLOOR : INF);
                $lowest = min($lowest, $above - $nosing);
            }
        }

        return $lowest;
    }
}
