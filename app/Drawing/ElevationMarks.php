<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\ElevationFixture;
use Heurema\Drafting\WallElevation;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;

/** The marks of what is seen on a wall from the front: in the middle of it, upright in what is narrow, beside what is small. */
final readonly class ElevationMarks
{
    /** Of the letters, and the ground around them, px. */
    private const SIZE = 11.0;
    private const GROUND = 1.5;

    /** Of the circle around the number of a finding, px. */
    private const FINDING = 9.0;

    /**
     * @param array<string>            $marks    by id
     * @param float                    $scale    mm under a pixel
     * @param list<array{int, Point}>  $findings by their numbers, and where
     */
    public function __construct(private WallElevation $wall, private array $marks, private float $scale, private array $findings) {}

    public function draw(): string
    {
        $places = new FreePlaces(60.0 * $this->scale);
        foreach ($this->findings as [, $at]) {
            $places->take(Box::at($at, 2 * self::FINDING * $this->scale, 2 * self::FINDING * $this->scale));
        }
        $drawn = '';
        foreach ($this->bodies() as [$mark, $body]) {
            $wished = $this->wished($mark, $body);
            $boxes = array_map(fn(array $one): Box => $this->box($mark, ...$one), $wished);
            $drawn .= self::text($mark, ...$wished[$places->find($boxes)]);
        }

        return $drawn;
    }

    /** @return list<array{string, Box}> what has a mark, with it */
    private function bodies(): array
    {
        $bodies = [];
        foreach ($this->wall->openings as $one) {
            $head = $one->head ?? $this->wall->height();
            $bodies[] = [$this->marks[$one->opening->id()] ?? '', new Box($one->left, $one->sill, $one->right, max($head, $one->sill))];
        }
        foreach (array_filter($this->wall->fixtures, static fn(ElevationFixture $one): bool => $one->isAtWall) as $one) {
            $bodies[] = [$this->marks[$one->fixture->id()] ?? '', new Box($one->left(), $one->bottom(), $one->right(), $one->top())];
        }

        return array_values(array_filter($bodies, static fn(array $body): bool => $body[0] !== ''));
    }

    /** @return non-empty-list<array{Point, bool}> middles of the mark, the best first, and whether it stands upright */
    private function wished(string $mark, Box $body): array
    {
        $level = $this->box($mark, new Point(0, 0), false);
        $middle = $body->middle();
        $up = static fn(float $share): Point => new Point($middle->x, $middle->y + $share * $body->height());
        $isUpright = $body->width() < $level->width() && $body->height() >= $level->width();
        $inside = array_map(static fn(float $share): array => [$up($share), $isUpright], [0.0, 0.25, -0.25, 0.38, -0.38]);
        [$x, $y] = [($body->width() + $level->width()) / 2, ($body->height() + $level->height()) / 2];
        $beside = array_map(
            static fn(Point $off): array => [$middle->plus($off), false],
            [new Point(0, $y), new Point(0, -$y), new Point($x, 0), new Point(-$x, 0), new Point($x, $y), new Point(-$x, $y)],
        );
        $hasRoom = $isUpright || ($body->width() >= $level->width() && $body->height() >= $level->height());

        return $hasRoom ? [...$inside, ...$beside] : [...$beside, ...$inside];
    }

    private function box(string $mark, Point $middle, bool $isUpright): Box
    {
        [$long, $high] = [TextSize::width($mark, self::SIZE) + 2 * self::GROUND, TextSize::height(self::SIZE) + 2 * self::GROUND];

        return Box::at($middle, ($isUpright ? $high : $long) * $this->scale, ($isUpright ? $long : $high) * $this->scale);
    }

    private static function text(string $mark, Point $at, bool $isUpright): string
    {
        $text = Svg::element('text', ['y' => 4, ...$isUpright ? ['transform' => 'rotate(-90)'] : []], Svg::text($mark));

        return Svg::pinned($at, 'unit-mark', $text);
    }
}
