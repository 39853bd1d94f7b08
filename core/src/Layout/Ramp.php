<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\MotionRule;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\Status;

/** A way up or down without steps: runs that slope, landings between them. Lengths in mm; null where nobody said. */
final readonly class Ramp implements Element
{
    use IsElement;

    private const PARTS = ['run' => RampRun::class, 'landing' => Landing::class];

    /**
     * @param string                $storey whose floor it starts from
     * @param float|null            $base   the height of its start above that floor, below it when negative; null: on it
     * @param Point                 $start  middle of its lower end
     * @param float                 $facing direction in which it climbs, degrees counter-clockwise from +x
     * @param float|null            $edge   height of the kerbs along its sides
     * @param list<RampRun|Landing> $parts  from the lower end up
     */
    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key(Value::Name, otherwise: 'id', label: 'Name', own: true)]
        public string $name,
        #[Key(Value::Identifier)]
        public string $storey,
        #[Key(Value::Elevation)]
        public ?float $base,
        #[Key]
        public Point $start,
        #[Key(Value::Angle, under: MotionRule::Turns, own: true)]
        public float $facing,
        #[Key(Value::Size, label: 'Width')]
        public ?float $width,
        #[Key]
        public ?Handrails $handrails,
        #[Key(Value::Length, label: 'Kerb')]
        public ?float $edge,
        #[Key(default: Status::New, label: 'Status')]
        public Status $status,
        #[Key(default: false, label: 'Locked in its place')]
        public bool $locked,
        #[Key(Value::Tagged, most: 100, of: self::PARTS)]
        public array $parts,
        #[Key(Value::Mark, label: 'Mark', own: true)]
        public ?string $mark = null,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Ramps;
    }

    /** @param array<RampRun|Landing> $parts */
    public function withParts(array $parts): self
    {
        return $this->with(parts: array_values($parts));
    }

    public function stands(): bool
    {
        return $this->status !== Status::Removed;
    }

    private function check(JsonCursor $place): void
    {
        $runs = array_filter($this->parts, static fn(RampRun|Landing $part): bool => $part instanceof RampRun);
        foreach ($this->parts as $number => $part) {
            if ($runs === [] || ($part instanceof Landing && ($this->parts[$number - 1] ?? null) instanceof Landing)) {
                throw $place->get('parts')->refuse(Text::of('expected runs, and one landing at the most between, before and after them'));
            }
        }
        if ($this->parts === []) {
            throw $place->get('parts')->refuse(Text::of('expected at least one run'));
        }
    }
}
