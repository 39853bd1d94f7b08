<?php

declare(strict_types=1);

namespace Heurema\Measure\Catalogue;

use Heurema\Measure\BeyondOpening\BoxBeyondSwing;
use Heurema\Measure\BeyondOpening\GlassToDoor;
use Heurema\Measure\BeyondOpening\HallApproach;
use Heurema\Measure\BeyondOpening\HallWidth;
use Heurema\Measure\Door;
use Heurema\Measure\Dwelling;
use Heurema\Measure\Fixture;
use Heurema\Measure\Guard;
use Heurema\Measure\HeadsNearlyAlike;
use Heurema\Measure\Measure;
use Heurema\Measure\OpeningHead;
use Heurema\Measure\OverlappingOpenings;
use Heurema\Measure\Room;
use Heurema\Measure\Soffit;
use Heurema\Measure\Space;
use Heurema\Measure\Stair;
use Heurema\Measure\Storey;
use Heurema\Measure\StoreysUp;
use Heurema\Measure\Survey;
use Heurema\Measure\UnlikelySizes;
use Heurema\Measure\Wall;
use Heurema\Measure\Window;

/** All measures there are, by name. */
final class Catalogue
{
    /** That of every book that comes back from where it was kept. */
    private static ?self $standard = null;

    /** @var array<string, Measure> */
    private readonly array $measures;

    /** @param list<Measure> $measures */
    public function __construct(array $measures)
    {
        $this->measures = array_combine(array_map(static fn(Measure $measure): string => $measure->name(), $measures), $measures);
    }

    public static function standard(): self
    {
        return new self([
            ...DrawnFacts::all(),
            new Dwelling\FixtureCount(),
            new Dwelling\InternalArea(),
            new Dwelling\ShareAtHeight(),
            new Dwelling\StorageArea(),
            new Dwelling\Bedrooms(),
            new Dwelling\DoubleBedrooms(),
            new Dwelling\Bedspaces(),
            new Dwelling\Baths(),
            new Dwelling\StoreyCount(),
            new Room\Bedspaces(),
            new Room\WidestDouble(),
            new Room\LargestHabitable(),
            new Room\WaterClosets(),
            new StoreysUp('room.storeys_up'),
            new StoreysUp('door.storeys_up'),
            new StoreysUp('window.storeys_up'),
            new StoreysUp('fixture.storeys_up'),
            new Dwelling\FloorAboveGrade(),
            new Dwelling\SumOfAreas(),
            new Dwelling\RoomCount(),
            new Dwelling\RoomsLacking(),
            new Dwelling\StoreysLacking(),
            new Dwelling\SleepingAreasLacking(),
            new Storey\FixtureCount(),
            new Soffit\Spacing(),
            new Room\FloorArea(),
            new Room\LeastWidth(),
            new Room\LongSide(),
            new Room\Narrowest(),
            new Room\CeilingHeight(),
            new Room\ShareAtHeight(),
            new Room\AreaAtHeight(),
            new Room\GlassArea(),
            new Room\VentArea(),
            new Room\ShareOfFloor('room.glazing_ratio', new Room\GlassArea()),
            new Room\ShareOfFloor('room.vent_ratio', new Room\VentArea()),
            ...Room\Shared::all(),
            new Room\Count(),
            new Room\OutsideOpeningCount(),
            new Room\FacesOutside(),
            new Room\Passage(),
            new Room\TurningCircle(),
            new Room\ClearBox(),
            new Room\TurningT(),
            new Room\ReachedThrough(),
            new Room\Orientation(),
            new Door\Approach('door.approach'),
            new Door\Approach('door.landing'),
            new Door\LatchNib(),
            new Door\Joins(),
            new Door\ToiletToKitchen(),
            new Door\Threshold(),
            new BoxBeyondSwing(),
            new Door\Recess(),
            new Door\StepDown(),
            new Door\SeriesSpace(),
            new HallWidth(),
            new HallApproach(),
            new Door\SwingsInto(),
            new Door\SwingHits(),
            new Door\SweepsFloorOf(),
            new Door\ToWaterCloset(),
            Window\GlassHeight::bottom(),
            Window\GlassHeight::top(),
            new GlassToDoor(),
            new Window\ToBath(),
            new Window\ToStair(),
            new Window\BlockedBy(),
            new Fixture\CenterSpacing(),
            new Fixture\EdgeGap(),
            new Fixture\ToWall(),
            Fixture\InsideSize::least(),
            Fixture\InsideSize::longest(),
            Fixture\InsideSize::area(),
            new Fixture\UnderHood(),
            new Fixture\WindowsBehind(),
            new Fixture\AlcoveWidth(),
            new Fixture\ClearZone(),
            new Fixture\ClearAbove(),
            new Fixture\InMainBedroom(),
            new Door\ClearWidth(),
            new Door\ClearWidth('door.clear_width_both'),
            ...DerivedFacts::all(),
            ...OpeningHead::all(),
            new HeadsNearlyAlike('door.heads_nearly_alike'),
            new HeadsNearlyAlike('window.heads_nearly_alike'),
            new Window\HasWell(),
            new Window\GlassAboveStair(),
            new Window\UnitsBefore(),
            new Door\PocketShort(),
            new Door\Obstructed(),
            new Room\HeightAtFixtures(),
            new Room\WindowArea(),
            new Fixture\StepOut(),
            new Fixture\AboveCeiling(),
            new Fixture\Unsupported(),
            new Fixture\OddGap(),
            new Door\ClearHeight(),
            new Door\ClearArea(),
            new Window\ClearWidth(),
            new Window\ClearHeight(),
            new Window\ClearArea(),
            new Window\ClearSill(),
            new Window\GlassArea(),
            new Door\GlassArea(),
            new Window\Drop(),
            new Fixture\SideClearance(),
            new Fixture\FrontClearance(),
            new Fixture\Rooms(),
            new Fixture\InWall(),
            new Fixture\Overlaps(),
            new Fixture\BackGap(),
            new Fixture\Facing(),
            new Door\BlockedBy(),
            new Door\LeafExcess(),
            new Room\Spaces(),
            new Room\Doors(),
            new Space\Uses(),
            new Wall\Gaps(),
            new Wall\Doubles(),
            new OverlappingOpenings('door.overlaps'),
            new OverlappingOpenings('window.overlaps'),
            new UnlikelySizes('wall.unlikely_sizes'),
            new UnlikelySizes('room.unlikely_sizes'),
            new UnlikelySizes('door.unlikely_sizes'),
            new UnlikelySizes('window.unlikely_sizes'),
            new UnlikelySizes('fixture.unlikely_sizes'),
            new UnlikelySizes('stair.unlikely_sizes'),
            new Survey\Difference(),
            new Survey\Chain(),
            new Stair\Riser(),
            new Stair\Tread(),
            new Storey\OpenEdgeCount(),
            new Guard\AlongStair(),
            new Guard\Outdoors(),
            new Stair\RiserSpread(),
            new Stair\TreadSpread(),
            new Stair\Pitch(),
            new Stair\TwoRPlusG(),
            new Stair\Width(),
            new Stair\Handrails(),
            new Stair\HandrailHeight(),
            new Stair\FlightRise(),
            new Stair\RisersPerFlight(),
            new Stair\StraightRun(),
            new Stair\WinderTread(),
            new Stair\WinderInner(),
            new Stair\WindersInTurn(),
            new Stair\RiserOpening(),
            new Stair\Headroom(),
            new Stair\OpeningStart(),
            new Stair\LandingSize(),
            new Stair\DoorOver(),
            new Stair\DoorClear(),
            new Stair\Under(),
            new Stair\RiseLeft(),
            new Stair\RunLeft(),
            new Stair\OutsideOpenings(),
        ]);
    }

    /**
     * Measures are code, not data: a catalogue that comes back from where it was kept is the standard one.
     *
     * @return array{}
     */
    public function __serialize(): array
    {
        return [];
    }

    /** @param array{} $nothing */
    public function __unserialize(array $nothing): void
    {
        $this->measures = (self::$standard ??= self::standard())->measures;
    }

    public function get(string $name): ?Measure
    {
        return $this->measures[$name] ?? null;
    }
}
