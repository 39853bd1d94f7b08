<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Layout\Storey;
use Heurema\Spatial\Home;
use Heurema\Words\Message;

/** A side that a home is seen from outside: square to most of its outer walls. */
final readonly class HomeSide
{
    private const POINTS = ['north', 'north_east', 'east', 'south_east', 'south', 'south_west', 'west', 'north_west'];

    /**
     * @param string     $key     a PlanSide
     * @param Point      $outward away from the home, of length 1
     * @param float|null $north   degrees; null: not known
     */
    private function __construct(public string $key, public Point $outward, private ?float $north) {}

    /** @return non-empty-list<self> */
    public static function of(Home $home): array
    {
        $turn = MainDirection::turn(array_merge(...array_map(
            static fn(Storey $storey): array => $storey->standingWalls(),
            $home->layout->storeys,
        )));

        return array_map(
            static fn(PlanSide $side): self => new self($side->value, $side->outward($turn), $home->layout->north),
            PlanSide::cases(),
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
}
