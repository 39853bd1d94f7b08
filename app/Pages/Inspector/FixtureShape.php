<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use App\Board\LengthField;
use App\Board\SignedLength;
use Heurema\Geometry\Point;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;

/** The outline of a fixture as it would be typed. */
final readonly class FixtureShape
{
    /** A circle has at least so many corners. */
    private const CIRCLE = 24;

    public string $kind;
    public string $radius;
    public string $corners;

    public function __construct(Fixture $fixture, Layout $layout)
    {
        $outline = $fixture->outline;
        $isRound = $outline !== null
            && count($outline) >= self::CIRCLE
            && $fixture->width !== null
            && self::isRound($outline, $fixture->width / 2);
        $this->kind = $outline === null ? 'rectangle' : ($isRound ? 'round' : 'corners');
        $this->radius = $isRound ? LengthField::write($fixture->width / 2, $layout) : '';
        $this->corners = $outline === null || $isRound ? '' : implode('; ', array_map(
            static fn(Point $corner): string => SignedLength::write($corner->x, $layout).', '.SignedLength::write($corner->y, $layout),
            $outline,
        ));
    }

    /** @param list<Point> $outline */
    private static function isRound(array $outline, float $radius): bool
    {
        $middle = new Point(0, $radius);

        return array_filter($outline, static fn(Point $corner): bool => abs($corner->distanceTo($middle) - $radius) > 0.1) === [];
    }
}
