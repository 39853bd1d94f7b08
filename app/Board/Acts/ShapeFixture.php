<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\LengthField;
use App\Board\RefusedValue;
use App\Board\SignedLength;
use Heurema\Drafting\FixtureOutline;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Replace;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;

/** The outline of the chosen fixture: a rectangle, a circle by its radius, or corners that are typed. */
final readonly class ShapeFixture implements Act
{
    public const SHAPE = 'shape';
    public const RADIUS = 'radius';
    public const CORNERS = 'corners';

    /** mm; a larger circle would have more corners than a document holds. */
    private const LARGEST = 10_000.0;

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $fixture = (new Draft($layout))->get($asked->select(), Fixture::class);
        $typed = array_map(trim(...), $asked->fields());

        return new Replace(match ($typed[self::SHAPE] ?? '') {
            'round' => FixtureOutline::round($fixture, self::radius($typed[self::RADIUS] ?? '', $layout)),
            'corners' => FixtureOutline::own($fixture, self::corners($typed[self::CORNERS] ?? '', $layout)),
            default => FixtureOutline::rectangle($fixture),
        });
    }

    private static function radius(string $typed, Layout $layout): float
    {
        $radius = LengthField::read($typed, $layout, self::RADIUS);

        return $radius > 0.0 && $radius <= self::LARGEST
            ? $radius
            : throw new RefusedValue(self::RADIUS, __('Type a radius above zero, of at most 10 m.'));
    }

    /**
     * `0, 0; 600, 0; 600, 400`: across from the middle of its back, to the right as one looks out of its front, and out from it.
     *
     * @return non-empty-list<Point>
     */
    private static function corners(string $typed, Layout $layout): array
    {
        $corners = [];
        foreach (array_filter(array_map(trim(...), explode(';', $typed)), static fn(string $corner): bool => $corner !== '') as $corner) {
            $parts = explode(',', $corner);
            if (count($parts) !== 2) {
                throw new RefusedValue(self::CORNERS, __('Type two lengths for each corner, with a comma between: :corner', [
                    'corner' => $corner,
                ]));
            }
            [$x, $y] = array_map(static fn(string $part): float => SignedLength::read(trim($part), $layout, self::CORNERS), $parts);
            $corners[] = new Point($x, $y);
        }
        $ring = count($corners) < 3 ? null : new Ring($corners);
        if ($ring === null || $ring->area() < 1.0 || !$ring->isSimple()) {
            throw new RefusedValue(self::CORNERS, __('Type at least three corners; the outline does not cross itself.'));
        }

        return $corners;
    }
}
