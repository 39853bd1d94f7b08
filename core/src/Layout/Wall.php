<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Language\Text;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\MotionRule;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\Status;
use Heurema\Layout\Words\WallType;
use Heurema\Units\ExpectedLength;

/** A straight wall or divider along its centre line. Lengths in mm. */
final readonly class Wall implements Element
{
    use IsElement;

    /**
     * @param float|null               $height null: as high as the storey's ceiling
     * @param list<Backing>            $backing where it holds bars
     * @param array{float, float}|null $tiles how high it is tiled, left and right of the line; null: as its rooms are
     * @param array{float, float}|null $lining finish layers inside the thickness, left and right of the line
     */
    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key]
        public Point $from,
        #[Key]
        public Point $to,
        #[Key(Value::Length, always: true, default: 0.0, label: 'Thickness', expected: ExpectedLength::WallThickness)]
        public float $thickness,
        #[Key(label: 'Type')]
        public WallType $type,
        #[Key(Value::Size, label: 'Height, if low')]
        public ?float $height = null,
        #[Key(Value::TwoLengths, under: MotionRule::ChangesSides, label: 'Linings, left; right')]
        public ?array $lining = null,
        #[Key(label: 'Status')]
        public Status $status = Status::New,
        #[Key(label: 'Locked in its place')]
        public bool $locked = false,
        #[Key(Value::Number, most: 1000, label: 'Fire rating, minutes')]
        public ?float $fireMinutes = null,
        #[Key(Value::Parts, of: Backing::class, most: 50)]
        public array $backing = [],
        #[Key(Value::TwoLengths, under: MotionRule::ChangesSides, label: 'Tiles up to, left; right')]
        public ?array $tiles = null,
        #[Key(Value::Mark, label: 'Mark', own: true)]
        public ?string $mark = null,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Walls;
    }

    public function withEnds(Point $from, Point $to): self
    {
        return $this->with(from: $from, to: $to, backing: $this->backingBetween($from, $to));
    }

    public function withThickness(float $thickness, WallType $type): self
    {
        return $this->with(thickness: $thickness, type: $type);
    }

    /** A part of it, otherwise the same. */
    public function part(string $id, Point $from, Point $to): self
    {
        return $this->with(id: $id, from: $from, to: $to, backing: $this->backingBetween($from, $to), mark: null);
    }

    /** With what another wall in its line is made to hold. */
    public function withBackingOf(self $other): self
    {
        $there = $other->withEnds($this->from, $this->to);

        return $this->with(backing: [...$this->backing, ...$there->backing]);
    }

    /**
     * Where it holds bars stays where it is when the wall has other ends, as far as there is wall.
     *
     * @return list<Backing>
     */
    private function backingBetween(Point $from, Point $to): array
    {
        if ($this->backing === []) {
            return [];
        }
        $isTurned = $this->line()->vector()->dot($to->minus($from)) < 0;
        [$start, $length] = [$this->line()->along($from), $from->distanceTo($to)];
        $backing = [];
        foreach ($this->backing as $one) {
            [$begins, $ends] = $isTurned ? [$start - $one->to, $start - $one->from] : [$one->from - $start, $one->to - $start];
            [$begins, $ends] = [max(0.0, $begins), min($length, $ends)];
            if ($ends - $begins > Tolerance::TOUCH) {
                $backing[] = new Backing(round($begins, 4), round($ends, 4), $one->bottom, $one->top);
            }
        }

        return $backing;
    }

    public function line(): Segment
    {
        return new Segment($this->from, $this->to);
    }

    public function stands(): bool
    {
        return $this->status !== Status::Removed;
    }

    public function isOpenBoundary(): bool
    {
        return $this->type === WallType::OpenBoundary;
    }

    private function check(JsonCursor $place): void
    {
        if ($this->from->distanceTo($this->to) < Tolerance::TOUCH) {
            throw $place->get('to')->refuse(Text::of('expected a wall of some length, its two ends are the same'));
        }
        if ($this->isOpenBoundary() && $this->thickness > 0.0) {
            throw $place->get('thickness')->refuse(Text::of('expected 0, a divider has no thickness'));
        }
        if (!$this->isOpenBoundary()) {
            $place->get('thickness')->size();
        }
    }
}
