<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Geometry\Polygon;
use Heurema\Kitchen\Anchor;
use Heurema\Kitchen\BuiltUnits;
use Heurema\Kitchen\CornerKind;
use Heurema\Kitchen\FillerPlace;
use Heurema\Kitchen\KitchenPlan;
use Heurema\Kitchen\KitchenPlans;
use Heurema\Kitchen\Row;
use Heurema\Kitchen\Rows;
use Heurema\Kitchen\Stretch;
use Heurema\Kitchen\UnitSizes;
use Heurema\Kitchen\UnitWidths;
use Heurema\Kitchen\WallStretch;
use Heurema\Kitchen\WallStretches;
use Heurema\Kitchen\WallUnitOptions;
use Heurema\Kitchen\WantedFixture;
use Heurema\Kitchen\WorktopOptions;
use Heurema\Language\Text;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Remove;
use Heurema\Layout\ElementList;
use Heurema\Layout\Fixture;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;
use Heurema\Units\UnitSystem;
use Heurema\Units\UnreadableLength;

/** A kitchen as it was asked for: a room, stretches of its walls or an island, what it is to hold in order, and the sizes of units. */
final readonly class AskedKitchen
{
    /** Fixtures that can be asked for. */
    public const MOST = 9;

    /** Of one fixture, and of units, mm. */
    private const NARROWEST = 100.0;
    private const WIDEST = 3000.0;

    /** How far a worktop may reach beyond its units, and how high an upstand may be, mm. */
    private const MOST_OVER = 600.0;
    private const MOST_UPSTAND = 1000.0;

    /** Stretches that are laid out together. */
    private const MOST_STRETCHES = 3;

    /** Before anything else was said of them. */
    public UnitSizes $usualSizes;
    public UnitWidths $usualWidths;

    /** @var list<WallStretch> of the room */
    public array $stretches;

    public function __construct(private ActInput $asked, private Home $home, public RoomSpace $room)
    {
        $this->usualSizes = UnitSizes::usual($home->layout->units);
        $this->usualWidths = UnitSizes::usualWidths($home->layout->units);
        $this->stretches = WallStretches::of($room, $home);
    }

    /** The room that was asked for, else the first kitchen, else the first that walls close around; null: there is none. */
    public static function room(ActInput $asked, Home $home): ?RoomSpace
    {
        $rooms = array_values(array_filter($home->rooms, static fn(RoomSpace $room): bool => $room->outline() !== null));
        $wanted = static fn(\Closure $is): ?RoomSpace => array_values(array_filter($rooms, $is))[0] ?? null;

        return $wanted(static fn(RoomSpace $room): bool => $room->id() === $asked->string('room')->value())
            ?? $wanted(static fn(RoomSpace $room): bool => str_contains($room->room->use->value ?? '', 'kitchen'))
            ?? $rooms[0] ?? null;
    }

    /**
     * All plans that fit, the best first.
     *
     * @return non-empty-list<KitchenPlan>
     *
     * @throws RefusedEdit      when nothing fits, or the walls do not belong together
     * @throws UnreadableLength
     */
    public function plans(): array
    {
        $rows = new Rows($this->widths(), $this->sizes(), $this->typed('filler', 0.0), $this->asked->word('fillers', FillerPlace::Both));
        $plans = (new KitchenPlans($rows))->of($this->chosen(), $this->wanted(), $this->asked->word('corner', CornerKind::BlindLeft));

        return $plans === []
            ? throw new RefusedEdit(__('This does not fit along what was chosen: ask for less, narrower units, or more wall.'))
            : $plans;
    }

    /** @throws RefusedEdit */
    public function plan(): KitchenPlan
    {
        $plans = $this->plans();

        return $plans[$this->number(count($plans))];
    }

    /** Which of so many plans was chosen, from 0. */
    public function number(int $of): int
    {
        return max(0, min($of - 1, $this->asked->integer('number')));
    }

    /**
     * @throws RefusedEdit
     * @throws UnreadableLength
     */
    public function edit(KitchenPlan $plan): Edit
    {
        $ids = (new NewElements($this->home->layout))->nextIds(ElementList::Fixtures, $this->most($plan));
        $built = (new BuiltUnits($this->sizes(), $this->widths(), $this->worktops(), $this->wallUnits()))->of($plan, $ids);
        $replaced = $this->replaced($plan);

        return new EditGroup(
            [
                ...$replaced === [] ? [] : [new Remove($replaced)],
                ...array_map(fn(Fixture $one): Edit => new Add($this->room->storey(), $one), $built),
            ],
            __('Kitchen laid out in :room', ['room' => $this->room->name()]),
        );
    }

    private function most(KitchenPlan $plan): int
    {
        return array_sum(array_map(static fn(Row $row): int => 3 * count($row->units) + 3, $plan->rows));
    }

    /** @return list<string> ids of what stands or hangs where the new units go */
    private function replaced(KitchenPlan $plan): array
    {
        $bands = array_map(fn(Row $row): Polygon => $row->stretch->band($this->usualSizes->depth), $plan->rows);
        $found = array_filter(
            $this->home->fixturesOn($this->room->storey()),
            static fn(PlacedFixture $one): bool => in_array($one->fixture->kind, WallStretches::REPLACED, true)
                && array_filter($bands, $one->standsIn(...)) !== [],
        );

        return array_values(array_map(static fn(PlacedFixture $one): string => $one->id(), $found));
    }

    /** @return non-empty-list<Stretch> */
    private function chosen(): array
    {
        $keys = array_filter($this->asked->array('walls'), is_string(...));
        $chosen = array_values(array_filter($this->stretches, static fn(WallStretch $one): bool => in_array($one->key(), $keys, true)));
        if ($chosen === [] || count($chosen) > self::MOST_STRETCHES) {
            throw new RefusedEdit(__('Choose one wall, or two or three that meet in corners.'));
        }
        $stretches = self::inOrder(array_map(static fn(WallStretch $one): Stretch => $one->stretch, $chosen));
        $stretches = $this->within($stretches);

        return count($stretches) === 1 && $this->asked->boolean('island') ? [$this->island($stretches[0])] : $stretches;
    }

    /**
     * From a place along the first to a place along the last.
     *
     * @param non-empty-list<Stretch> $stretches
     *
     * @return non-empty-list<Stretch>
     */
    private function within(array $stretches): array
    {
        $last = count($stretches) - 1;
        [$from, $to] = [$this->typed('from', 0.0), $this->typed('to', $stretches[$last]->length())];
        $least = $last === 0 ? $from + WallStretches::LEAST : WallStretches::LEAST;
        if ($from < 0.0 || $from > $stretches[0]->length() - WallStretches::LEAST || $to < $least) {
            throw new RefusedEdit(__('The part of the wall is too short to stand anything there.'));
        }
        $stretches[$last] = $stretches[$last]->between(0.0, $to);
        $stretches[0] = $stretches[0]->between($from, $stretches[0]->length());

        return $stretches;
    }

    /**
     * @param non-empty-list<Stretch> $stretches
     *
     * @return non-empty-list<Stretch> so that each turns into the next
     */
    private static function inOrder(array $stretches): array
    {
        foreach (array_keys($stretches) as $first) {
            $turned = $stretches;
            array_push($turned, ...array_splice($turned, 0, $first));
            $meet = array_map(
                static fn(Stretch $one, int $number): bool => $one->turnsInto($turned[$number + 1]),
                array_slice($turned, 0, -1),
                array_keys(array_slice($turned, 0, -1)),
            );
            if (!in_array(false, $meet, true)) {
                return $turned;
            }
        }

        throw new RefusedEdit(__('These walls do not meet square in inner corners, or a door lies between them.'));
    }

    private function island(Stretch $wall): Stretch
    {
        $island = Stretch::island(
            $wall,
            $this->usualSizes->depth,
            $this->typed('aisle', self::usualAisle($this->home->layout->units)),
            $this->typed('length', self::usualIsland($this->home->layout->units)),
        );
        $outline = $this->room->outline();
        foreach ($island->band($this->usualSizes->depth)->outer->points as $corner) {
            if ($outline === null || !$outline->contains($corner)) {
                throw new RefusedEdit(__('The island does not fit into the room: it is to be shorter, or nearer to the wall.'));
            }
        }

        return $island;
    }

    /** @return list<WantedFixture> */
    private function wanted(): array
    {
        [$kinds, $widths, $places] = [$this->asked->array('kinds'), $this->asked->array('widths'), $this->asked->array('places')];
        $wanted = [];
        foreach (array_slice(array_keys($kinds), 0, self::MOST) as $number) {
            $kind = is_string($kinds[$number]) ? FixtureKind::tryFrom($kinds[$number]) : null;
            if ($kind === null || !in_array($kind, WantedFixture::KINDS, true)) {
                continue;
            }
            $place = is_string($places[$number] ?? null) ? Anchor::tryFrom($places[$number]) : null;
            $typed = is_string($widths[$number] ?? null) ? trim($widths[$number]) : '';
            $width = $typed === '' ? $this->usualWidth($kind) : $this->home->layout->lengths()->read($typed)->mm;
            $wanted[] = $width < self::NARROWEST || $width > self::WIDEST
                ? throw new RefusedEdit(__(':kind: that is no width for it.', ['kind' => Text::capital($kind->words())]))
                : new WantedFixture($kind, $width, $place ?? Anchor::Anywhere, $kind === FixtureKind::Range ? $this->besideRange() : 0.0);
        }

        return $wanted;
    }

    private function sizes(): UnitSizes
    {
        return $this->usualSizes->reaching($this->upTo('over_fronts', $this->usualSizes->overhang, self::MOST_OVER));
    }

    private function worktops(): WorktopOptions
    {
        $upstand = $this->upTo('upstand', 0.0, self::MOST_UPSTAND);

        return new WorktopOptions(
            $this->upTo('over_ends', $this->usualSizes->overhang, self::MOST_OVER),
            $upstand > 0.0 ? $upstand : null,
            $this->asked->boolean('one_piece'),
        );
    }

    private function wallUnits(): ?WallUnitOptions
    {
        return $this->asked->boolean('hung', true)
            ? new WallUnitOptions($this->asked->boolean('glass'), $this->asked->boolean('deep', true))
            : null;
    }

    /** A length from nothing to the most that makes sense. */
    private function upTo(string $key, float $usual, float $most): float
    {
        $typed = $this->typed($key, $usual);

        return $typed < 0.0 || $typed > $most
            ? throw new RefusedEdit(__('From 0 to :most can be typed here, not :typed.', [
                'most' => $this->home->length($most),
                'typed' => $this->home->length($typed),
            ]))
            : $typed;
    }

    /** A filler at either side of a range, mm; 1 in where homes are drawn in inches (common practice, no source). */
    private function besideRange(): float
    {
        $beside = $this->typed('beside', self::usualBeside($this->home->layout->units));

        return $beside < 0.0 || $beside > self::NARROWEST
            ? throw new RefusedEdit(__('That is no width for a filler beside a range.'))
            : $beside;
    }

    public static function usualBeside(UnitSystem $units): float
    {
        return $units === UnitSystem::Imperial ? Amount::MM_PER_INCH : 0.0;
    }

    /** mm; a sink has a unit around it. */
    public function usualWidth(FixtureKind $kind): float
    {
        $width = Library::sizes($kind, $this->home->layout->units)['width'];

        return $kind === FixtureKind::Sink ? $this->usualWidths->atLeast($width + 2 * BuiltUnits::SINK_MARGIN) ?? $width : $width;
    }

    /** Between fronts and an island, mm: two people pass (common practice, no source). */
    public static function usualAisle(UnitSystem $units): float
    {
        return $units === UnitSystem::Imperial ? 48 * Amount::MM_PER_INCH : 1200.0;
    }

    /** mm; common practice, no source. */
    public static function usualIsland(UnitSystem $units): float
    {
        return $units === UnitSystem::Imperial ? 72 * Amount::MM_PER_INCH : 1800.0;
    }

    private function widths(): UnitWidths
    {
        [$least, $greatest, $step] = [
            $this->typed('least', $this->usualWidths->least),
            $this->typed('greatest', $this->usualWidths->greatest),
            $this->typed('step', $this->usualWidths->step),
        ];

        return $least < self::NARROWEST || $step < 5.0 || $greatest < $least || $greatest > self::WIDEST
            ? throw new RefusedEdit(__('Units are made in steps from a least to a greatest width.'))
            : new UnitWidths($least, $greatest, $step);
    }

    private function typed(string $key, float $usual): float
    {
        return $this->asked->lengthIfTyped($key, $this->home->layout) ?? $usual;
    }
}
