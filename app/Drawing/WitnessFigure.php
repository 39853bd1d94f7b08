<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;

/**
 * What is written beside a dimension or a mark of a finding, at one of the places where it may stand: along the dimension, over it or under
 * it, beyond its ends, or upright beside it with a line that leads to it.
 */
final readonly class WitnessFigure
{
    /** Of the letters of each line, and from one line to the next, px. */
    private const SIZE = 15.0;
    private const STEP = 17;

    /** From a dimension to the foot of a line over it, and of one under it, px. */
    private const OVER = -6;
    private const UNDER = 20;

    /** From a dimension's end, and from a mark's middle, to the text; how high letters are; px. */
    private const BEYOND = 10.0;
    private const OFF_MARK = 15;
    private const HEIGHT = 13;

    /** Of a dimension's length: where over it the text may stand, the best first. */
    private const ALONG = [0.5, 0.35, 0.65, 0.2, 0.8];

    /** How far off an upright text may stand, px, and how many ways there are. */
    private const RINGS = [34.0, 52.0, 74.0, 100.0, 132.0, 170.0, 215.0, 270.0, 335.0, 410.0];
    private const WAYS = 16;

    /**
     * @param non-empty-list<string> $lines
     * @param Point                  $at      where it is pinned to the plan
     * @param Point                  $along   the way that it reads, of length 1
     * @param Point                  $aside   from there to its middle, px to the right and up
     * @param non-empty-list<int>    $feet    of each line: where its letters stand, px below its middle
     * @param bool                   $isLed   a line leads to it
     */
    private function __construct(
        private array $lines,
        private Point $at,
        private Point $along,
        private Point $aside,
        private array $feet,
        private bool $isLed = false,
    ) {}

    /**
     * @param non-empty-list<string> $lines
     *
     * @return non-empty-list<self> the best first
     */
    public static function ofDimension(Segment $segment, array $lines): array
    {
        if ($segment->length() < 1.0) {
            return self::ofMark($segment->from, $lines);
        }
        $reading = (new TextAlong($segment->direction()))->reading();
        $none = new Point(0, 0);
        [$over, $under] = [self::up(count($lines), self::OVER), self::down(count($lines), self::UNDER)];
        $sides = count($lines) === 1 ? [$over, $under] : [[self::OVER, self::UNDER], $over, $under];
        $places = [];
        foreach (self::ALONG as $share) {
            foreach ($sides as $feet) {
                $places[] = new self($lines, $segment->at($share * $segment->length()), $reading, $none, $feet);
            }
        }
        $middle = self::centred(count($lines));
        $half = max(array_map(static fn(string $line): float => TextSize::width($line, self::SIZE), $lines)) / 2 + self::BEYOND;
        foreach ([[$segment->to, 1.0], [$segment->from, -1.0]] as [$end, $way]) {
            $places[] = new self($lines, $end, $reading, $segment->direction()->times($way * $half), $middle);
        }

        return [...$places, ...self::around($segment->middle(), $lines)];
    }

    /**
     * @param non-empty-list<string> $lines
     *
     * @return non-empty-list<self> the best first
     */
    public static function ofMark(Point $at, array $lines): array
    {
        [$right, $none] = [new Point(1, 0), new Point(0, 0)];

        return [
            new self($lines, $at, $right, $none, self::up(count($lines), -self::OFF_MARK)),
            new self($lines, $at, $right, $none, self::down(count($lines), self::OFF_MARK + self::HEIGHT)),
            ...self::around($at, $lines),
        ];
    }

    /**
     * @param float $scale mm under a pixel
     *
     * @return non-empty-list<Box> what it covers; aslant several for a line
     */
    public function boxes(float $scale): array
    {
        $text = new TextAlong($this->along);
        $boxes = [];
        foreach ($this->lines as $number => $line) {
            $wide = TextSize::width($line, self::SIZE);
            $count = $text->isAslant() ? max(1, (int) ceil($wide / self::SIZE)) : 1;
            $middle = $this->middle($scale)->minus($this->along->left()->times(($this->feet[$number] - 0.35 * self::SIZE) * $scale));
            for ($part = 0; $part < $count; ++$part) {
                $boxes[] = $text->box(
                    $middle->plus($this->along->times((($part + 0.5) / $count - 0.5) * $wide * $scale)),
                    $wide / $count * $scale,
                    self::SIZE * $scale,
                );
            }
        }

        /** @var non-empty-list<Box> $boxes */
        return $boxes;
    }

    public function draw(): string
    {
        $texts = '';
        foreach ($this->lines as $number => $line) {
            $texts .= Svg::element(
                'text',
                ['y' => $this->feet[$number], 'class' => $number === 0 ? null : 'figure-below'],
                Svg::text($line),
            );
        }
        $turn = Svg::number((new TextAlong($this->along))->degrees());
        $place = 'translate('.Svg::at($this->aside).") rotate({$turn})";

        return Svg::pinned($this->at, 'witness-figure', $this->leader().Svg::element('g', ['transform' => $place], $texts));
    }

    private function middle(float $scale): Point
    {
        return $this->at->plus($this->aside->times($scale));
    }

    private function leader(): string
    {
        return $this->isLed
            ? Svg::element('path', ['class' => 'figure-leader', 'd' => 'M0 0L'.Svg::at($this->aside)])
            : '';
    }

    /**
     * @param non-empty-list<string> $lines
     *
     * @return non-empty-list<self> upright, around a place, the nearest first
     */
    private static function around(Point $at, array $lines): array
    {
        $half = max(array_map(static fn(string $line): float => TextSize::width($line, self::SIZE), $lines)) / 2;
        $places = [];
        foreach (self::RINGS as $ring) {
            foreach (range(0, self::WAYS - 1) as $way) {
                $angle = 2 * M_PI * ($way + 0.5) / self::WAYS;
                // its nearest edge keeps the distance of the ring
                $aside = new Point(cos($angle) * ($ring + $half), sin($angle) * ($ring + self::STEP * count($lines) / 2));
                $places[] = new self($lines, $at, new Point(1, 0), $aside, self::centred(count($lines)), true);
            }
        }

        return $places;
    }

    /** @return non-empty-list<int> over the middle and under it alike */
    private static function centred(int $count): array
    {
        return self::up($count, (int) round(self::SIZE * 0.35 + self::STEP * ($count - 1) / 2));
    }

    /** @return non-empty-list<int> the last line stands there */
    private static function up(int $count, int $foot): array
    {
        return array_map(static fn(int $number): int => $foot - self::STEP * $number, range($count - 1, 0));
    }

    /** @return non-empty-list<int> the first line stands there */
    private static function down(int $count, int $foot): array
    {
        return array_map(static fn(int $number): int => $foot + self::STEP * $number, range(0, $count - 1));
    }
}
