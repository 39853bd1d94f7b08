<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Box;
use Heurema\Geometry\BoxGrid;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\TangledLines;
use Heurema\Language\Language;
use Heurema\Language\Text;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Layout\Marks;
use Heurema\Layout\Ramp;
use Heurema\Layout\RoofWindow;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Layout\Storey;
use Heurema\Layout\TapedDistance;
use Heurema\Layout\Words\RoomUse;
use Heurema\Layout\Words\Scope;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Units\UnitSystem;
use Heurema\Words\Wording;

/** The drawn home as it is understood: its storeys, and the subjects that rules speak of. */
final class Home implements Subject
{
    /** @var array<string, StoreyPlan> by storey id, lowest first */
    public readonly array $plans;

    /** @var list<RoomSpace> */
    public readonly array $rooms;

    /** @var list<PlacedOpening> in walls */
    public readonly array $openings;

    /** @var list<PlacedOpening> in sloped ceilings */
    public readonly array $roofWindows;

    /** @var list<PlacedFixture> */
    public readonly array $fixtures;

    /** @var list<PlacedStair> */
    public readonly array $stairs;

    /** @var list<PlacedRamp> */
    public readonly array $ramps;

    /** @var array<string, list<PlacedFixture>> by storey */
    private readonly array $fixturesOn;

    /** @var array<string, list<PlacedOpening>> by storey */
    private readonly array $openingsOn;

    private ?WaysIn $waysIn = null;

    /** @var array<string, BoxGrid> by storey */
    private array $fixtureBoxes = [];

    /** @var array<string, list<array{PlacedOpening, DoorLeaf}>> by storey */
    private array $leaves = [];

    /** @var array<string, list<DoorLeaf>> by opening */
    private array $leavesOf = [];

    /** @var array<string, BoxGrid> by storey */
    private array $leafBoxes = [];

    /** @var array<string, BoxGrid> by storey */
    private array $openingBoxes = [];

    /** @var array<string, list<Subject>> by type */
    private array $subjects = [];

    /** @var array<string, list<PlacedOpening>>|null by room */
    private ?array $openingsOf = null;

    /** @var array<string, list<PlacedFixture>>|null by room */
    private ?array $fixturesIn = null;

    /** So many of what is asked several times of one element are kept. */
    private const RECENT = 16;

    /** @var array<string, mixed> what was worked out lately */
    private array $recent = [];

    /** @var array<string, mixed> what was worked out once for the whole home */
    private array $known = [];

    /** @var array<string, StairCovers> by stair */
    private array $covers = [];

    /** @var array<string, OpenEdges> by storey */
    private array $openEdges = [];

    private ?Marks $marks = null;

    /** @throws UnreadableLayout when the walls of a storey make no sense */
    public function __construct(public readonly Layout $layout)
    {
        $names = new Names($this);
        $plans = [];
        foreach ($layout->storeys as $number => $storey) {
            $plans[$storey->id] = self::understand($storey, $number, $names, $layout->scope);
        }
        $this->plans = $plans;
        $this->rooms = array_merge(...array_map(static fn(StoreyPlan $plan): array => array_values($plan->rooms), array_values($plans)));
        $this->openingsOn = array_map(self::placeOpenings(...), $plans);
        $this->openings = array_merge(...array_values($this->openingsOn));
        $this->roofWindows = array_merge(...array_map(self::placeRoofWindows(...), array_values($plans)));
        $this->fixturesOn = array_map(self::placeFixtures(...), $plans);
        $this->fixtures = array_merge(...array_values($this->fixturesOn));
        $this->stairs = self::placeStairs($layout, $names);
        $this->ramps = array_map(
            static fn(Ramp $ramp): PlacedRamp => new PlacedRamp($ramp, $plans[$ramp->storey]),
            array_values(array_filter($layout->ramps, static fn(Ramp $ramp): bool => $ramp->stands())),
        );
    }

    private static function understand(Storey $storey, int $number, Names $names, Scope $scope): StoreyPlan
    {
        try {
            return new StoreyPlan($storey, $names, $scope);
        } catch (TangledLines) {
            throw new UnreadableLayout(
                "/storeys/{$number}/walls",
                Text::of('expected walls that meet at their ends; these cross one another so often that no rooms can be found'),
            );
        }
    }

    public function type(): SubjectType
    {
        return SubjectType::Dwelling;
    }

    public function id(): string
    {
        return 'dwelling';
    }

    public function name(): string
    {
        return $this->layout->name;
    }

    public function storey(): ?string
    {
        return null;
    }

    /** An amount as the people of this layout read it. */
    public function write(Amount $amount): string
    {
        return $this->layout->units->notation()->write($amount);
    }

    /**
     * Says what is found in it, in its units; what is asked of it in those of the book that asks.
     *
     * @param Language|null $language none: the one that is spoken
     */
    public function wording(?UnitSystem $book = null, ?Language $language = null): Wording
    {
        $isOther = $book !== null && $book !== $this->layout->units;

        return Wording::in($language ?? Text::language(), $this->layout->units->notation(), $isOther ? $book->notation() : null);
    }

    /** A length in mm as the people of this layout read it. */
    public function length(float $mm): string
    {
        return $this->write(Amount::length($mm));
    }

    /** @return list<Subject> */
    public function subjects(SubjectType $type): array
    {
        return $this->subjects[$type->value] ??= $this->ofType($type);
    }

    /** @return list<Subject> */
    private function ofType(SubjectType $type): array
    {
        $ofType = fn(PlacedOpening $opening): bool => $opening->type() === $type;

        return match ($type) {
            SubjectType::Dwelling => [$this],
            SubjectType::Storey => array_values($this->plans),
            SubjectType::Room => $this->rooms,
            SubjectType::Door, SubjectType::Window => array_values(array_filter([...$this->openings, ...$this->roofWindows], $ofType)),
            SubjectType::Fixture => $this->fixtures,
            SubjectType::Stair => $this->stairs,
            SubjectType::Ramp => $this->ramps,
            SubjectType::Soffit => array_merge(...array_map(
                static fn(StoreyPlan $plan): array => $plan->soffits(),
                array_values($this->plans),
            )),
            SubjectType::Guard => array_merge(...array_map(
                static fn(StoreyPlan $plan): array => $plan->guards(),
                array_values($this->plans),
            )),
            SubjectType::Wall => array_merge(...array_map(
                static fn(StoreyPlan $plan): array => $plan->standingWalls(),
                array_values($this->plans),
            )),
            SubjectType::Space => array_merge(...array_map(
                static fn(StoreyPlan $plan): array => $plan->closedSpaces(),
                array_values($this->plans),
            )),
            SubjectType::Survey => array_map(
                fn(TapedDistance $distance): PlacedTapedDistance => new PlacedTapedDistance($distance, $this->plans[$distance->storey]),
                $this->layout->survey,
            ),
        };
    }

    /** What its elements are marked with. */
    public function marks(): Marks
    {
        return $this->marks ??= new Marks($this->layout);
    }

    public function ground(): Ground
    {
        return new Ground($this->layout);
    }

    /** The plan of the storey over another one; null over the highest. */
    public function above(StoreyPlan $plan): ?StoreyPlan
    {
        $plans = array_values($this->plans);

        return $plans[(int) array_search($plan, $plans, true) + 1] ?? null;
    }

    /** The room with an id; null where there is none. */
    public function room(string $id): ?RoomSpace
    {
        foreach ($this->rooms as $room) {
            if ($room->id() === $id) {
                return $room;
            }
        }

        return null;
    }

    public function stair(string $id): ?PlacedStair
    {
        foreach ($this->stairs as $stair) {
            if ($stair->id() === $id) {
                return $stair;
            }
        }

        return null;
    }

    public function opening(string $id): ?PlacedOpening
    {
        foreach ($this->openings as $opening) {
            if ($opening->id() === $id) {
                return $opening;
            }
        }

        return null;
    }

    /** @return list<RoomSpace> */
    public function bedrooms(): array
    {
        return array_values(array_filter(
            $this->rooms,
            static fn(RoomSpace $room): bool => $room->room->use?->isAmong(RoomUse::Bedroom) === true,
        ));
    }

    /** @return list<PlacedOpening> in its walls and its ceiling */
    public function openingsOf(RoomSpace $room): array
    {
        $this->openingsOf ??= $this->openingsByRoom();

        return $this->openingsOf[$room->id()] ?? [];
    }

    /** @return list<PlacedFixture> */
    public function fixturesIn(RoomSpace $room): array
    {
        if ($this->fixturesIn === null) {
            $this->fixturesIn = [];
            foreach ($this->fixtures as $fixture) {
                $this->fixturesIn[$fixture->room?->id() ?? ''][] = $fixture;
            }
        }

        return $this->fixturesIn[$room->id()] ?? [];
    }

    /** @return list<Polygon> the floor of a room on which nothing stands, the largest piece first */
    public function freeFloor(RoomSpace $room, bool $clearOfSwings): array
    {
        return $this->lately(
            "free floor of {$room->id()}".($clearOfSwings ? ' clear of swings' : ''),
            fn(): array => FreeFloor::of($room, $this, $clearOfSwings),
        );
    }

    /** Does a fixture of a kind stand in the room? */
    public function hasFixture(RoomSpace $room, string $kind): bool
    {
        return array_filter(
            $this->fixturesIn($room),
            static fn(PlacedFixture $fixture): bool => $fixture->fixture->counts($kind) > 0,
        ) !== [];
    }

    /** @return list<PlacedFixture> those of a storey whose boxes overlap a box */
    public function fixturesNear(string $storey, Box $box): array
    {
        $fixtures = $this->fixturesOn($storey);
        $grid = $this->fixtureBoxes[$storey] ??= new BoxGrid(array_filter(array_map(
            static fn(PlacedFixture $fixture): ?Box => $fixture->bounds,
            $fixtures,
        )));

        return array_map(static fn(int $number): PlacedFixture => $fixtures[$number], $grid->overlapping($box));
    }

    /** @return list<array{PlacedOpening, DoorLeaf}> the leaves of doors on a storey that sweep into a box, with their doors */
    public function leavesNear(string $storey, Box $box): array
    {
        $leaves = $this->leaves[$storey] ??= $this->hang($this->openingsOn($storey));
        $grid = $this->leafBoxes[$storey] ??= new BoxGrid(array_map(static fn(array $leaf): Box => $leaf[1]->bounds, $leaves));

        return array_map(static fn(int $number): array => $leaves[$number], $grid->overlapping($box));
    }

    /** @return list<DoorLeaf> that hang in an opening */
    public function leavesOf(PlacedOpening $opening): array
    {
        return $this->leavesOf[$opening->id()] ??= DoorLeaf::of($opening);
    }

    /**
     * @param list<PlacedOpening> $openings
     *
     * @return list<array{PlacedOpening, DoorLeaf}>
     */
    private function hang(array $openings): array
    {
        $leaves = [];
        foreach ($openings as $opening) {
            foreach ($this->leavesOf($opening) as $leaf) {
                $leaves[] = [$opening, $leaf];
            }
        }

        return $leaves;
    }

    /** @return list<PlacedOpening> */
    public function openingsOn(string $storey): array
    {
        return $this->openingsOn[$storey] ?? [];
    }

    /** @return array<string, list<PlacedOpening>> */
    private function openingsByRoom(): array
    {
        $byRoom = [];
        foreach ([...$this->openings, ...$this->roofWindows] as $opening) {
            foreach (array_unique([$opening->left->room?->id(), $opening->right->room?->id()]) as $room) {
                $byRoom[$room ?? ''][] = $opening;
            }
        }

        return $byRoom;
    }

    /** @return list<PlacedOpening> those of a storey whose spans come near a box */
    public function openingsNear(string $storey, Box $box): array
    {
        $openings = $this->openingsOn($storey);
        $grid = $this->openingBoxes[$storey] ??= new BoxGrid(array_map(
            static fn(PlacedOpening $opening): Box => Box::around([
                $opening->span()->from,
                $opening->span()->to,
            ])->grown($opening->wall->thickness),
            $openings,
        ));

        return array_map(static fn(int $number): PlacedOpening => $openings[$number], $grid->overlapping($box));
    }

    /**
     * What is asked several times of one element and then no more, such as the floor around a door: the last few are kept.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    public function lately(string $what, callable $work): mixed
    {
        if (!array_key_exists($what, $this->recent)) {
            $this->recent = [...array_slice($this->recent, 1 - self::RECENT, null, true), $what => $work()];
        }

        /** @var T what is known under this name came from the same work */
        return $this->recent[$what];
    }

    /**
     * What is the same for the whole home, worked out when it is first asked for.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    public function once(string $what, callable $work): mixed
    {
        if (!array_key_exists($what, $this->known)) {
            $this->known[$what] = $work();
        }

        /** @var T what is known under this name came from the same work */
        return $this->known[$what];
    }

    public function waysIn(): WaysIn
    {
        return $this->waysIn ??= new WaysIn($this);
    }

    /** What hangs over a stair. */
    public function covers(Climb $climb): StairCovers
    {
        return $this->covers[$climb->stair->id()] ??= StairCovers::of($this, $climb, Headroom::reach($climb));
    }

    /** The edges of a storey over which one can fall. */
    public function openEdges(StoreyPlan $plan): OpenEdges
    {
        return $this->openEdges[$plan->id()] ??= OpenEdges::of($plan, $this);
    }

    /** @return list<PlacedFixture> */
    public function fixturesOn(string $storey): array
    {
        return $this->fixturesOn[$storey] ?? [];
    }

    /** @return list<PlacedOpening> */
    private static function placeOpenings(StoreyPlan $plan): array
    {
        $placed = [];
        foreach ($plan->storey->openings as $opening) {
            $wall = $plan->wall($opening->wall);
            if ($wall !== null && $wall->stands() && $opening->stands()) {
                $placed[] = new PlacedOpening($opening, $wall, $plan);
            }
        }

        return $placed;
    }

    /** @return list<PlacedOpening> */
    private static function placeRoofWindows(StoreyPlan $plan): array
    {
        $standing = array_filter($plan->storey->roofWindows, static fn(RoofWindow $window): bool => $window->stands());

        return array_values(array_map(
            static fn(RoofWindow $window): PlacedOpening => PlacedOpening::inRoof($window, $plan),
            $standing,
        ));
    }

    /** @return list<PlacedFixture> */
    private static function placeFixtures(StoreyPlan $plan): array
    {
        $standing = array_filter($plan->storey->fixtures, static fn(Fixture $fixture): bool => $fixture->stands());

        return array_values(array_map(static fn(Fixture $fixture): PlacedFixture => new PlacedFixture($fixture, $plan), $standing));
    }

    /** @return list<PlacedStair> */
    private static function placeStairs(Layout $layout, Names $names): array
    {
        $placed = [];
        foreach ($layout->stairs as $stair) {
            $to = $layout->storey($stair->toStorey);
            if ($to !== null && $stair->stands()) {
                $from = $stair->fromStorey === null ? null : $layout->storey($stair->fromStorey);
                $placed[] = new PlacedStair($stair, $from, $to, $names);
            }
        }

        return $placed;
    }
}
