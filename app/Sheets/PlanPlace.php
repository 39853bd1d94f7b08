<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Drawing\DimensionStyle;
use App\Drawing\Sheet;
use Heurema\Geometry\Box;
use Heurema\Layout\Layout;

/**
 * Where the origin of a plan lies on its paper, mm from the top left: the building in the middle, moved as far as it takes to keep
 * dimensions, steps, ramps and terraces inside of the frame and above the title.
 */
final readonly class PlanPlace
{
    public const BORDER = 10.0;
    public const TITLE = 18.0;

    /** Around what lies outside the building, where the way up is written, mm of paper. */
    private const CLEAR = 5.0;

    /** Walls are half as thick outside of their lines, mm. */
    private const OUTER_WALL = 300.0;

    private function __construct(public float $x, public float $y) {}

    /** @return self|null null: there is no room for it */
    public static function of(Layout $layout, Paper $paper, int $scale, DimensionStyle $style): ?self
    {
        $sheet = Sheet::of($layout);
        $building = $sheet->building->grown(self::OUTER_WALL);
        $dimensioned = self::onPaper($building, $scale, self::around($style));
        $drawn = self::onPaper($sheet->drawn, $scale, self::CLEAR);
        $x = self::between(
            self::BORDER - min($dimensioned->left, $drawn->left),
            $paper->width() / 2 - $building->middle()->x / $scale,
            $paper->width() - self::BORDER - max($dimensioned->right, $drawn->right),
        );
        $y = self::between(
            self::BORDER + max($dimensioned->top, $drawn->top),
            ($paper->height() - self::TITLE) / 2 + $building->middle()->y / $scale,
            $paper->height() - self::BORDER - self::TITLE + min($dimensioned->bottom, $drawn->bottom),
        );

        return $x === null || $y === null ? null : new self($x, $y);
    }

    private static function onPaper(Box $box, int $scale, float $around): Box
    {
        return (new Box($box->left / $scale, $box->bottom / $scale, $box->right / $scale, $box->top / $scale))->grown($around);
    }

    /** What is wished, as far as it is within the limits; null where they leave nothing. */
    private static function between(float $least, float $wished, float $most): ?float
    {
        return $least > $most ? null : max($least, min($wished, $most));
    }

    /** Room for dimensions around the plan, mm of paper. */
    private static function around(DimensionStyle $style): float
    {
        return match ($style->outside) {
            'none' => 4.0,
            'overall' => 11.0,
            'chain' => 17.0,
            default => 42.0,
        };
    }
}
