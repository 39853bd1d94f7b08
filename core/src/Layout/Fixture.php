<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\MotionRule;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\HingeSide;
use Heurema\Layout\Words\Status;
use Heurema\Units\ExpectedLength;

/** A fixture in a room: sanitary, kitchen, furniture, or fixed to the building. Lengths in mm; null where nobody said. */
final readonly class Fixture implements Element
{
    use IsElement;

    /** A wider cabinet has two leaves, mm. */
    private const ONE_LEAF = 610.0;

    /**
     * @param Point            $at        middle of the back edge
     * @param float            $facing    where its front looks, degrees counter-clockwise from +x
     * @param float|null       $base      its underside above the floor; null: it stands on it
     * @param list<Point>|null $outline   as it would stand at the origin facing 90 degrees
     * @param float|null       $doorSwing radius that its own door sweeps
     * @param HingeSide|null   $hinge     of its own door, as one faces it
     * @param int|null         $basins    of a vanity, side by side in its top; null: one
     * @param float|null       $headroom  clear height over an opening in the ceiling
     * @param float|null       $overhang  of a worktop over the fronts where chairs stand at it, where the units under it are not drawn
     * @param float|null       $upstand   of a worktop along the walls that it touches, its height
     * @param bool|null        $onePiece  of a worktop: it goes on without a joint into the one that it meets in a corner
     */
    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key]
        public FixtureKind $kind,
        #[Key]
        public Point $at,
        #[Key(Value::Angle, under: MotionRule::Turns, label: 'Facing, degrees', own: true)]
        public float $facing,
        #[Key(Value::Size, label: 'Width', expected: ExpectedLength::Counter)]
        public ?float $width = null,
        #[Key(Value::Size, label: 'Depth')]
        public ?float $depth = null,
        #[Key(Value::Length, label: 'Height')]
        public ?float $height = null,
        #[Key(Value::Length, label: 'Underside above floor')]
        public ?float $base = null,
        #[Key(Value::Outline, under: MotionRule::IsMirrored)]
        public ?array $outline = null,
        #[Key(label: 'Status')]
        public Status $status = Status::New,
        #[Key(label: 'Locked in its place')]
        public bool $locked = false,
        #[Key(Value::Length, suits: FixtureKind::WITH_RIM, label: 'Rim above floor')]
        public ?float $rim = null,
        #[Key(Value::Length, suits: [FixtureKind::WaterCloset], label: 'Seat above floor')]
        public ?float $seat = null,
        #[Key(Value::Length, suits: FixtureKind::WITH_DOOR, label: 'Its door sweeps')]
        public ?float $doorSwing = null,
        #[Key(suits: FixtureKind::WITH_HINGE, under: MotionRule::ChangesSides, label: 'Hinged at its')]
        public ?HingeSide $hinge = null,
        #[Key(Value::Length, suits: [FixtureKind::Shower], label: 'Kerb')]
        public ?float $hob = null,
        #[Key(Value::Length, suits: [FixtureKind::Shower], label: 'Entry')]
        public ?float $entry = null,
        #[Key(suits: [FixtureKind::Bath, FixtureKind::ShowerBath], label: 'Shower head')]
        public ?bool $showerHead = null,
        #[Key(Value::Name, label: 'Name', own: true)]
        public ?string $name = null,
        #[Key(Value::Whole, least: 1, most: 6, suits: [FixtureKind::Vanity], label: 'Basins')]
        public ?int $basins = null,
        #[Key(Value::Length, suits: [FixtureKind::CeilingAccess], label: 'Clear height above it')]
        public ?float $headroom = null,
        #[Key(suits: [FixtureKind::WallCabinet, FixtureKind::TallCabinet], label: 'Glass doors')]
        public ?bool $glassDoors = null,
        #[Key(Value::Length, suits: [FixtureKind::Counter, FixtureKind::Island], label: 'Reaches over the units under it')]
        public ?float $overhang = null,
        #[Key(Value::Length, suits: [FixtureKind::Counter], label: 'Upstand at the wall')]
        public ?float $upstand = null,
        #[Key(suits: [FixtureKind::Counter], label: 'One piece with the worktop that it meets')]
        public ?bool $onePiece = null,
        #[Key(Value::Mark, label: 'Mark', own: true)]
        public ?string $mark = null,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Fixtures;
    }

    public function name(): string
    {
        return Text::capital(Text::word($this->kind->value)).' '.$this->id;
    }

    public function placed(Point $at, float $facing): self
    {
        return $this->with(at: $at, facing: $facing);
    }

    /** Another one like it: without its name, and new whatever it is. */
    public function unnamed(): self
    {
        return $this->with(name: null, status: Status::New);
    }

    /** In another size; an outline of its own is stretched with its width and depth. */
    public function sized(?float $width, ?float $depth, ?float $height, ?float $base): self
    {
        return $this->with(width: $width, depth: $depth, height: $height, base: $base, outline: $this->stretched($width, $depth));
    }

    /** @param float|null $rim above the floor, mm */
    public function withRim(?float $rim): self
    {
        return $this->with(rim: $rim);
    }

    /** @param float|null $upstand mm */
    public function asWorktop(?float $upstand, ?bool $onePiece): self
    {
        return $this->with(upstand: $upstand, onePiece: $onePiece);
    }

    public function withGlassDoors(?bool $hasGlass): self
    {
        return $this->with(glassDoors: $hasGlass);
    }

    /** @param float|null $radius that its own door sweeps, mm */
    public function withDoorSwing(?float $radius): self
    {
        return $this->with(doorSwing: $radius);
    }

    /** @param list<Point>|null $outline in its own frame; null: the rectangle of its width and depth */
    public function withOutline(?array $outline, ?float $width, ?float $depth): self
    {
        return $this->with(outline: $outline, width: $width, depth: $depth);
    }

    /** Turned over about the line that runs out of the middle of its back. */
    public function turnedOver(): self
    {
        return $this->with(
            hinge: $this->hinge?->other(),
            outline: $this->outline === null
                ? null
                : array_map(static fn(Point $point): Point => new Point(-$point->x + 0.0, $point->y), array_reverse($this->outline)),
        );
    }

    /** @return list<Point>|null */
    private function stretched(?float $width, ?float $depth): ?array
    {
        if ($this->outline === null || $this->outline === []) {
            return null;
        }
        $box = Box::around($this->outline);
        [$across, $out] = [$width === null ? 1.0 : $width / $box->width(), $depth === null ? 1.0 : $depth / $box->height()];

        return array_map(
            static fn(Point $point): Point => new Point(round($point->x * $across, 4), round($point->y * $out, 4)),
            $this->outline,
        );
    }

    /** How many leaves the door of a cabinet has: as was said, else two where it is wider than 24 in (common practice, no source). */
    public function leaves(): ?int
    {
        return match (true) {
            !in_array($this->kind, FixtureKind::CABINETS, true) => 0,
            $this->hinge !== null => $this->hinge === HingeSide::Both ? 2 : 1,
            $this->width === null => null,
            default => $this->width > self::ONE_LEAF ? 2 : 1,
        };
    }

    /** How many fixtures of a kind it is: a vanity is as many lavatories as it has basins. */
    public function counts(string $kind): int
    {
        return match (true) {
            $this->kind->value === $kind => 1,
            $this->kind === FixtureKind::Vanity && $kind === FixtureKind::Lavatory->value => $this->basins ?? 1,
            default => 0,
        };
    }

    public function stands(): bool
    {
        return $this->status !== Status::Removed;
    }
}
