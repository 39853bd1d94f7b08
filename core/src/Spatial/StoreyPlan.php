<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Arrangement;
use Heurema\Geometry\Box;
use Heurema\Geometry\BoxGrid;
use Heurema\Geometry\ConvexClip;
use Heurema\Geometry\Face;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Geometry\TangledLines;
use Heurema\Geometry\Tolerance;
use Heurema\Language\Text;
use Heurema\Layout\FloorOpening;
use Heurema\Layout\Guard;
use Heurema\Layout\Room;
use Heurema\Layout\Soffit;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\Scope;
use Heurema\Layout\Words\Status;
use Heurema\Layout\Words\WallType;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** One storey as it is understood: what is wall, which spaces the walls leave, and which room each space is. */
final class StoreyPlan implements Subject
{
    /** @var list<Space> */
    public readonly array $spaces;

    public readonly WallMass $mass;

    /** @var array<string, RoomSpace> by room id */
    public readonly array $rooms;

    private readonly Arrangement $arrangement;

    /** So far from a wall's face one looks at what is beside it, mm. */
    private const BESIDE = 50.0;

    /** @var list<Polygon>|null */
    private ?array $innerFloor = null;

    private ?BoxGrid $spaceBoxes = null;

    private ?BoxGrid $wallBoxes = null;

    private ?WallTroubles $troubles = null;

    private ?Neighbours $neighbours = null;

    /** @var list<JoinedWall> */
    private readonly array $walls;

    /**
     * @param Scope $scope where only a part of the home is drawn, what lies behind its inner walls is the rest of it
     *
     * @throws TangledLines when its walls cross one another beyond all measure
     */
    public function __construct(
        public readonly Storey $storey,
        private readonly ?Names $names = null,
        private readonly Scope $scope = Scope::Whole,
    ) {
        $this->walls = WallJoints::join($storey->standingWalls());
        $this->arrangement = new Arrangement((new WallSolids($this->walls))->lines());
        $this->mass = new WallMass($storey, array_map(self::simplified(...), $this->arrangement->polygons(self::isWall(...))));
        $this->spaces = $this->findSpaces();
        $this->rooms = $this->placeRooms();
    }

    public function type(): SubjectType
    {
        return SubjectType::Storey;
    }

    public function id(): string
    {
        return $this->storey->id;
    }

    public function name(): string
    {
        return $this->storey->name;
    }

    public function storey(): string
    {
        return $this->storey->id;
    }

    /** What an element of the storey is called. */
    public function called(Subject $element): string
    {
        return $this->names?->of($element) ?? Text::capital($element->type()->value);
    }

    /** What the wall of an id is called. */
    public function wallCalled(string $id): string
    {
        foreach ($this->standingWalls() as $wall) {
            if ($wall->id() === $id) {
                return $wall->name();
            }
        }

        return 'A wall';
    }

    /** What lies at a point; null inside a wall. */
    public function at(Point $point): ?Beyond
    {
        $space = $this->spaceAt($point);
        if ($space !== null) {
            return count($space->rooms) === 1 ? Beyond::room($this->rooms[$space->rooms[0]->id]) : Beyond::unnamed($point);
        }

        return $this->mass->contains($point) ? null : Beyond::outside();
    }

    /** What lies at a point behind a wall. */
    public function behind(Wall $wall, Point $point): ?Beyond
    {
        $there = $this->at($point);

        return $there?->isOutside() === true ? $this->open($wall) : $there;
    }

    /** What lies behind a wall on the side on which nothing is drawn. */
    private function open(Wall $wall): Beyond
    {
        return $this->scope === Scope::Part && $wall->type !== WallType::Exterior ? Beyond::indoors() : Beyond::outside();
    }

    public function roomAt(Point $point): ?RoomSpace
    {
        $space = $this->spaceAt($point);

        return $space !== null && count($space->rooms) === 1 ? $this->rooms[$space->rooms[0]->id] : null;
    }

    public function wall(string $id): ?Wall
    {
        return $this->storey->wall($id);
    }

    /** @return list<Polygon> the floor inside the inner faces of the outer walls */
    public function innerFloor(): array
    {
        return $this->innerFloor ??= InnerFloor::of($this->walls, $this->spaces, $this->rooms);
    }

    /** @return list<Neighbour> what lies behind each stretch of a room's faces, in order around it */
    public function neighbours(RoomSpace $room): array
    {
        return ($this->neighbours ??= $this->findNeighbours())->of($room);
    }

    /** @return list<PlacedWall> */
    public function standingWalls(): array
    {
        return array_map(fn(JoinedWall $wall): PlacedWall => new PlacedWall($wall->wall, $this), $this->walls);
    }

    /** @return list<Polygon> what the walls fill, parted where they run into one another */
    public function wallPieces(): array
    {
        return array_values($this->arrangement->facePolygons(self::isWall(...)));
    }

    /** @return list<HungSoffit> */
    public function soffits(): array
    {
        return array_map(fn(Soffit $soffit): HungSoffit => new HungSoffit($soffit, $this), $this->storey->soffits);
    }

    /** @return list<StandingGuard> */
    public function guards(): array
    {
        $low = array_filter($this->walls, $this->guardsAnEdge(...));

        return [
            ...array_map(fn(Guard $guard): StandingGuard => new StandingGuard($guard, $this), $this->storey->guards),
            ...array_map(fn(JoinedWall $wall): StandingGuard => StandingGuard::lowWall($wall->wall, $this), array_values($low)),
        ];
    }

    /** Is it a low wall along the outside or along an opening in the floor? */
    private function guardsAnEdge(JoinedWall $wall): bool
    {
        if (
            $wall->wall->isOpenBoundary()
            || $wall->wall->height === null
            || $wall->wall->height >= ($this->storey->ceiling ?? INF) - Tolerance::TOUCH
        ) {
            return false;
        }
        foreach ([1, -1] as $side) {
            $beside = $wall->line->offset($side * ($wall->halfThickness() + self::BESIDE))->middle();
            if (
                $this->at($beside)?->isOutside() === true
                || array_filter($this->storey->voids, static fn(FloorOpening $void): bool => $void->outline->contains($beside)) !== []
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return list<SpaceSide> the faces of walls that look outside, the outside to their left */
    public function outsideSides(): array
    {
        return $this->sides(0);
    }

    /** @return list<ClosedSpace> every stretch of floor that walls close in, named or not */
    public function closedSpaces(): array
    {
        $spaces = array_map(fn(Space $space): ClosedSpace => new ClosedSpace($space, $this->storey), $this->spaces);
        usort($spaces, static fn(ClosedSpace $a, ClosedSpace $b): int => $b->space->outline->area() <=> $a->space->outline->area());
        $seen = [];

        return array_map(static function (ClosedSpace $space) use (&$seen): ClosedSpace {
            $seen[$space->id()] = ($seen[$space->id()] ?? 0) + 1;

            return $space->numbered($seen[$space->id()]);
        }, $spaces);
    }

    /** @return list<string> ids of the walls that come into an opening's stretch of its wall */
    public function wallsInto(PlacedOpening $opening): array
    {
        $span = $opening->span();
        $half = $opening->wall->thickness / 2 + WallJoints::CLOSES_GAPS_TO;
        $stretch = Ring::rectangle(
            $opening->spanAt(-$half)->from,
            $span->vector(),
            $opening->wall->line()->direction()->left()->times(2 * $half),
        );
        $into = array_filter(
            $this->wallsNear($stretch->bounds()),
            static fn(JoinedWall $wall): bool => $wall->wall !== $opening->wall
                && !$wall->wall->isOpenBoundary()
                && self::reachesInto($wall, $stretch, $span),
        );

        return array_values(array_map(static fn(JoinedWall $wall): string => $wall->wall->id, $into));
    }

    /** Does a wall take some of a stretch, more than its edge touches? */
    private static function reachesInto(JoinedWall $wall, Ring $stretch, Segment $along): bool
    {
        $part = ConvexClip::part(new Polygon($wall->body()), $stretch);
        $places = array_map($along->along(...), $part->outer->points ?? []);

        return $places !== [] && max($places) - min($places) > Tolerance::ofEdge(1.0, $along->direction()->cross($wall->line->direction()));
    }

    /** Do new walls stand beside existing ones? */
    public function isAltered(): bool
    {
        $statuses = array_map(static fn(Wall $wall): Status => $wall->status, $this->storey->standingWalls());

        return in_array(Status::Existing, $statuses, true) && in_array(Status::New, $statuses, true);
    }

    /** @return list<Ring> of the walls that stood there before, run to where they meet the others */
    public function existingBodies(): array
    {
        $existing = array_filter(
            $this->walls,
            static fn(JoinedWall $wall): bool => $wall->wall->status === Status::Existing && !$wall->wall->isOpenBoundary(),
        );

        return array_values(array_map(static fn(JoinedWall $wall): Ring => $wall->body(), $existing));
    }

    /** @return list<JoinedWall> whose bodies may come into a box */
    private function wallsNear(Box $box): array
    {
        $this->wallBoxes ??= new BoxGrid(array_map(static fn(JoinedWall $wall): Box => $wall->body()->bounds(), $this->walls));

        return array_map(fn(int $number): JoinedWall => $this->walls[$number], $this->wallBoxes->overlapping($box));
    }

    /** @return list<Wall> standing walls whose bodies may come into a box */
    public function wallsIn(Box $box): array
    {
        return array_map(static fn(JoinedWall $wall): Wall => $wall->wall, $this->wallsNear($box));
    }

    public function troubles(): WallTroubles
    {
        return $this->troubles ??= new WallTroubles(array_map(static fn(JoinedWall $wall): Wall => $wall->wall, $this->walls));
    }

    private function findNeighbours(): Neighbours
    {
        $sides = array_map(fn(SpaceSide $side): array => [$side, $this->open($side->wall)], $this->outsideSides());
        foreach ($this->spaces as $space) {
            $beyond = count($space->rooms) === 1
                ? Beyond::room($this->rooms[$space->rooms[0]->id])
                : Beyond::unnamed($space->outline->bounds()->middle());
            array_push($sides, ...array_map(static fn(SpaceSide $side): array => [$side, $beyond], $space->sides));
        }

        return new Neighbours($sides);
    }

    private function spaceAt(Point $point): ?Space
    {
        $this->spaceBoxes ??= new BoxGrid(array_map(static fn(Space $space): Box => $space->outline->bounds(), $this->spaces));
        foreach ($this->spaceBoxes->at($point) as $number) {
            if ($this->spaces[$number]->outline->contains($point)) {
                return $this->spaces[$number];
            }
        }

        return null;
    }

    /** @return list<Space> */
    private function findSpaces(): array
    {
        $outlines = $this->arrangement->facePolygons(static fn(Face $face): bool => !self::isWall($face));
        $inside = $this->roomsInside($outlines);
        $spaces = [];
        foreach ($outlines as $number => $outline) {
            $spaces[] = new Space($number, self::simplified($outline), $this->sides($number), $inside[$number] ?? []);
        }

        return $spaces;
    }

    /**
     * @param array<int, Polygon> $outlines
     *
     * @return array<int, list<Room>>
     */
    private function roomsInside(array $outlines): array
    {
        $boxes = new BoxGrid(array_map(static fn(Polygon $outline): Box => $outline->bounds(), $outlines));
        $inside = [];
        foreach ($this->storey->rooms as $room) {
            foreach ($boxes->at($room->at) as $number) {
                if ($outlines[$number]->contains($room->at)) {
                    $inside[$number][] = $room;

                    break;
                }
            }
        }

        return $inside;
    }

    /** @return list<SpaceSide> */
    private function sides(int $face): array
    {
        $sides = [];
        foreach ($this->arrangement->sides($face) as $side) {
            foreach ($side->marks as $mark) {
                $sides[] = new SpaceSide($side->segment, $this->walls[$mark]->wall, $side->beyond);

                break;
            }
        }

        return $sides;
    }

    /** @return array<string, RoomSpace> */
    private function placeRooms(): array
    {
        $spaceOf = [];
        foreach ($this->spaces as $space) {
            foreach ($space->rooms as $room) {
                $spaceOf[$room->id] = $space;
            }
        }
        $rooms = [];
        foreach ($this->storey->rooms as $room) {
            $rooms[$room->id] = new RoomSpace($room, $this->storey, $spaceOf[$room->id] ?? null, $this->names);
        }

        return $rooms;
    }

    private static function isWall(Face $face): bool
    {
        return $face->depth(WallSolids::LAYER) > 0;
    }

    private static function simplified(Polygon $polygon): Polygon
    {
        return new Polygon($polygon->outer->simplified(), array_map(static fn(Ring $hole): Ring => $hole->simplified(), $polygon->holes));
    }
}
