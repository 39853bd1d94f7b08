<?php

declare(strict_types=1);

namespace App\Letters;

use App\Drawing\Sheet;
use App\Drawing\WitnessDrawing;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Review\Finding;
use Heurema\Spatial\Home;

/** The piece of a storey's plan that shows what an item of a letter is about. In mm of the home. */
final readonly class PlanFrame
{
    /** Of pictures in letters and of views of issues, width over height. */
    public const ASPECT = 1.5;

    /** What is shown around a finding, and in all, at the least. */
    private const AROUND = 700.0;
    private const LEAST = 2600.0;

    /** Around a home. */
    private const OUTSIDE = 900.0;

    private function __construct(public string $storey, public Box $box) {}

    /** What a finding shows with what is around it; null when it shows nothing on any plan. */
    public static function ofFinding(Finding $finding): ?self
    {
        $storey = $finding->outcome->witness[0]->storey ?? null;
        $bounds = $storey === null ? null : (new WitnessDrawing($finding, $storey))->bounds();
        if ($storey === null || $bounds === null) {
            return null;
        }
        [$left, $top, $across, $down] = array_map(floatval(...), explode(' ', $bounds));
        $wide = max(self::LEAST, $across + 2 * self::AROUND, ($down + 2 * self::AROUND) * self::ASPECT);

        return new self($storey, self::around(new Point($left + $across / 2, -$top - $down / 2), $wide, $wide / self::ASPECT));
    }

    public static function ofPoint(string $storey, Point $point): self
    {
        return new self($storey, self::around($point, self::LEAST, self::LEAST / self::ASPECT));
    }

    /** All of a storey. */
    public static function ofStorey(Home $home, string $storey, float $aspect = self::ASPECT): self
    {
        $box = Sheet::of($home->layout)->building->grown(self::OUTSIDE);
        $wide = max($box->width(), $box->height() * $aspect);

        return new self($storey, self::around($box->middle(), $wide, $wide / $aspect));
    }

    private static function around(Point $middle, float $width, float $height): Box
    {
        return new Box($middle->x - $width / 2, $middle->y - $height / 2, $middle->x + $width / 2, $middle->y + $height / 2);
    }
}
