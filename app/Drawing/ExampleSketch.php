<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Spatial\Subject\SubjectType;

/** The subject of a worked example in a few lines, in millimetres with y down; sizes that the example does not state are usual ones. */
final readonly class ExampleSketch
{
    private const WALL = 120.0;

    private function __construct(public float $width, public float $height, public string $content) {}

    /**
     * @param array<string, float> $lengths stated lengths in mm, by the quantity's name
     * @param float|null           $area    m²
     */
    public static function of(SubjectType $subject, array $lengths, ?float $area): self
    {
        return match ($subject) {
            SubjectType::Room, SubjectType::Space => self::room($lengths, $area),
            SubjectType::Door => self::door(self::first($lengths, ['clear_width', 'width'], 800.0)),
            SubjectType::Window => self::window(self::first($lengths, ['clear_width', 'width'], 900.0)),
            SubjectType::Fixture => self::fixture(self::first($lengths, ['width'], 600.0), self::first($lengths, ['depth'], 560.0)),
            SubjectType::Stair => self::stair(
                self::first($lengths, ['tread', 'tread_min'], 260.0),
                self::first($lengths, ['riser', 'riser_max'], 185.0),
            ),
            SubjectType::Guard => self::guard(self::first($lengths, ['height'], 900.0)),
            SubjectType::Soffit => self::soffit(),
            default => self::home($area ?? 80.0),
        };
    }

    /** @param array<string, float> $lengths */
    private static function room(array $lengths, ?float $area): self
    {
        $width = self::first($lengths, ['least_width', 'narrowest'], $area === null ? 2800.0 : sqrt($area * 1e6 / 1.3));
        $depth = max(600.0, $area === null ? 3400.0 : $area * 1e6 / max(300.0, $width));
        [$across, $down] = $depth > $width ? [$depth, $width] : [$width, $depth];
        $door = min(800.0, $down / 2);

        return new self($across + 2 * self::WALL, $down + 2 * self::WALL, self::walls(0, 0, $across, $down)
            .self::gap($across * 0.2, $down, $door)
            .Svg::element(
                'path',
                [
                    'class' => 'leaf',
                    'd' => sprintf(
                        'M%1$.0f %2$.0fv%3$.0fA%4$.0f %4$.0f 0 0 1 %5$.0f %2$.0f',
                        self::WALL + $across * 0.2,
                        self::WALL + $down,
                        -$door,
                        $door,
                        self::WALL + $across * 0.2 + $door,
                    ),
                ],
            )
            .self::glass($across * 0.35, 0, min(1200.0, $across / 2)));
    }

    private static function door(float $width): self
    {
        $across = max(2000.0, $width + 900.0);
        $at = ($across - $width) / 2;

        return new self($across, $width + 400.0, self::wall($across, $width + 200.0)
            .self::gap($at - self::WALL, $width + 200.0 - self::WALL, $width)
            .Svg::element(
                'path',
                [
                    'class' => 'leaf',
                    'd' => sprintf(
                        'M%1$.0f %2$.0fv%3$.0fA%4$.0f %4$.0f 0 0 1 %5$.0f %2$.0f',
                        $at,
                        $width + 200.0,
                        -$width,
                        $width,
                        $at + $width,
                    ),
                ],
            ));
    }

    private static function window(float $width): self
    {
        $across = max(2000.0, $width + 800.0);

        return new self($across, 900.0, self::wall($across, 390.0).self::glass(($across - $width) / 2 - self::WALL, 390.0, $width));
    }

    private static function fixture(float $width, float $depth): self
    {
        $across = max(2000.0, $width + 1200.0);
        $left = ($across - $width) / 2;

        return new self($across, $depth + 700.0, self::wall($across, 0.0)
            .Svg::element(
                'rect',
                ['class' => 'fixture', 'x' => $left, 'y' => self::WALL, 'width' => $width, 'height' => $depth, 'rx' => 60.0],
            )
            .Svg::element('path', ['class' => 'centre', 'd' => sprintf('M%.0f %.0fv%.0f', $across / 2, self::WALL, $depth + 300.0)]));
    }

    /** Five steps from the side. */
    private static function stair(float $tread, float $riser): self
    {
        $steps = str_repeat(sprintf('v%.0fh%.0f', -$riser, $tread), 5);

        return new self(
            6 * $tread,
            5 * $riser + 100.0,
            Svg::element('path', ['class' => 'steps', 'd' => sprintf('M0 %.0fh%.0f', 5 * $riser + 50.0, $tread).$steps]),
        );
    }

    /** A floor's edge from the side, with what stands on it. */
    private static function guard(float $height): self
    {
        return new self(1600.0, $height
            + 500.0, Svg::element('path', ['class' => 'steps', 'd' => sprintf('M0 %1$.0fh1100v350', $height + 100.0)])
            .Svg::element('path', ['class' => 'leaf', 'd' => sprintf('M1040 %.0fv%.0f', $height + 100.0, -$height)]));
    }

    private static function soffit(): self
    {
        return new self(3000.0 + 2 * self::WALL, 2200.0 + 2 * self::WALL, self::walls(0, 0, 3000, 2200)
            .Svg::element('rect', ['class' => 'centre', 'x' => 1300.0, 'y' => self::WALL, 'width' => 400.0, 'height' => 2200.0]));
    }

    private static function home(float $area): self
    {
        $across = sqrt($area * 1e6 * 1.5);
        $down = $across / 1.5;

        return new self($across + 2 * self::WALL, $down + 2 * self::WALL, self::walls(0, 0, $across, $down)
            .Svg::element(
                'path',
                [
                    'class' => 'wall-line',
                    'd' => sprintf(
                        'M%1$.0f %2$.0fV%3$.0fM%1$.0f %4$.0fH%5$.0f',
                        $across * 0.45,
                        self::WALL,
                        $down + self::WALL,
                        $down * 0.55,
                        $across + self::WALL,
                    ),
                ],
            )
            .self::gap($across * 0.1, $down, 950.0)
            .self::glass($across * 0.6, 0, $across * 0.2));
    }

    private static function walls(float $x, float $y, float $width, float $height): string
    {
        $half = self::WALL / 2;

        return Svg::element(
            'rect',
            [
                'class' => 'wall-line', 'x' => $x + $half, 'y' => $y + $half, 'width' => $width + self::WALL,
                'height' => $height + self::WALL,
            ],
        );
    }

    private static function wall(float $length, float $y): string
    {
        return Svg::element('path', ['class' => 'wall-line', 'd' => sprintf('M0 %.0fH%.0f', $y + self::WALL / 2, $length)]);
    }

    /** An opening in the wall below a room; its place is from the inner corner. */
    private static function gap(float $x, float $y, float $width): string
    {
        return Svg::element(
            'rect',
            ['class' => 'gap', 'x' => self::WALL + $x, 'y' => self::WALL + $y - 10.0, 'width' => $width, 'height' => self::WALL + 20.0],
        );
    }

    private static function glass(float $x, float $y, float $width): string
    {
        return Svg::element(
            'rect',
            ['class' => 'gap', 'x' => self::WALL + $x, 'y' => $y - 10.0, 'width' => $width, 'height' => self::WALL + 20.0],
        )
            .Svg::element('path', ['class' => 'glass', 'd' => sprintf('M%.0f %.0fh%.0f', self::WALL + $x, $y + self::WALL / 2, $width)]);
    }

    /**
     * @param array<string, float> $lengths
     * @param list<string>         $names
     */
    private static function first(array $lengths, array $names, float $usual): float
    {
        foreach ($names as $name) {
            if (($lengths[$name] ?? 0.0) > 50) {
                return $lengths[$name];
            }
        }

        return $usual;
    }
}
