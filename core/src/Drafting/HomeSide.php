<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Layout\Wall;
use Heurema\Spatial\Home;
use Heurema\Words\Message;

/** A side that a home is seen from outside: square to most of its outer walls. */
final readonly class HomeSide
{
    /** In the order in which they are listed, by where they lie on the plan. */
    public const KEYS = ['bottom', 'right', 'top', 'left'];

    private const POINTS = ['north', 'north_east', 'east', 'south_east', 'south', 'south_west', 'west', 'north_west'];

    /** Walls run in one direction when their directions differ by less, degrees. */
    private const SAME_DIRECTION = 0.5;

    /**
     * @param string     $key     one of KEYS
     * @param Point      $outward away from the home, of length 1
     * @param float|null $north   degrees; null: not known
     */
    private function __construct(public string $key, public Point $outward, private ?float $north) {}

    /** @return non-empty-list<self> */
    public static function of(Home $home): array
    {
        $turn = self::turn($home);

        return array_map(
            static fn(string $key, int $number): self => new self(
                $key,
                Point::towards($turn + 90.0 * ($number - 1)),
                $home->layout->north,
            ),
            self::KEYS,
            array_keys(self::KEYS),
        );
    }

    /** By the point of the compass where north is known, else by where it lies on the plan. */
    public function name(): Message
    {
        if ($this->north === null) {
            return match ($this->key) {
                'bottom' => Message::of('face.bottom'),
                'right' => Message::of('face.right'),
                'top' => Message::of('face.top'),
                default => Message::of('face.left'),
            };
        }
        $bearing = fmod($this->north - $this->outward->degrees() + 720.0, 360.0);

        return match (self::POINTS[(int) round($bearing / 45.0) % 8]) {
            'north' => Message::of('face.north'),
            'north_east' => Message::of('face.north_east'),
            'east' => Message::of('face.east'),
            'south_east' => Message::of('face.south_east'),
            'south' => Message::of('face.south'),
            'south_west' => Message::of('face.south_west'),
            'west' => Message::of('face.west'),
            default => Message::of('face.north_west'),
        };
    }

    /** How far most of the walls are turned from the sheet, degrees from -45 to 45. */
    private static function turn(Home $home): float
    {
        $lengths = [];
        foreach ($home->layout->storeys as $storey) {
            foreach (array_filter($storey->standingWalls(), static fn(Wall $wall): bool => !$wall->isDivider()) as $wall) {
                $turn = fmod($wall->line()->direction()->degrees() + 765.0, 90.0) - 45.0;
                $lengths[] = [$turn, $wall->line()->length()];
            }
        }
        [$best, $most] = [0.0, 0.0];
        foreach ($lengths as [$turn]) {
            $along = 0.0;
            foreach ($lengths as [$other, $length]) {
                $along += abs(fmod($other - $turn + 135.0, 90.0) - 45.0) < self::SAME_DIRECTION ? $length : 0.0;
            }
            if ($along > $most + 1.0) {
                [$best, $most] = [$turn, $along];
            }
        }

        return abs($best) < 1e-9 ? 0.0 : $best;
    }
}
