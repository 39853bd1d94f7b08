<?php

declare(strict_types=1);

namespace App\Pages;

use App\Drawing\DimensionStyle;
use App\Drawing\ElevationDrawing;
use App\Drawing\PlanLayers;
use App\Drawing\RoomPlan;
use App\Drawing\Svg;
use App\Sheets\ViewsOfSheet;
use Heurema\Drafting\ElevationFixture;
use Heurema\Drafting\RoomElevations;
use Heurema\Drafting\WallElevation;
use Heurema\Geometry\Point;
use Heurema\Kitchen\CutOut;
use Heurema\Kitchen\KitchenSchedule;
use Heurema\Kitchen\RunFigures;
use Heurema\Kitchen\ScheduledUnit;
use Heurema\Kitchen\WorktopPiece;
use Heurema\Language\Text;
use Heurema\Language\Texts;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Run\RunCorner;
use Heurema\Spatial\Run\RunCornerKind;
use Heurema\Spatial\Run\Runs;
use Heurema\Units\Amount;

/** The schedule of a kitchen: its units and worktops in tables, and marked on the plan and on the walls seen from the front. */
final readonly class KitchenSchedulePage
{
    /** mm under a pixel of a wall; the style sheet has it too. */
    private const SCALE = 11.0;

    /** The plan is so wide, px. */
    private const PLAN = 420.0;

    /** What has its underside higher hangs, mm. */
    private const HANGS = 1000.0;

    /** A mark is so wide, stands so far before what is narrow, and so far below the one above it, px. */
    private const LETTERS = 24.0;
    private const BEFORE = 14.0;
    private const LINE = 13.0;

    #[Texts]
    private const COLUMNS = [
        'Mark', 'Id', 'Kind', 'Name', 'Width', 'Depth', 'Height', 'Underside', 'Doors', 'Hinged at', 'Glass', 'Cut out for',
        'Left', 'Right', 'Front', 'Back', 'Upstand',
    ];

    public ?RoomSpace $room;
    public ?KitchenSchedule $schedule;

    /** @param string $address where the page lies, and what it goes back to */
    public function __construct(
        public string $title,
        public string $address,
        public string $back,
        public Home $home,
        private DimensionStyle $style,
        string $asked,
    ) {
        $rooms = $this->rooms();
        $this->room = array_values(array_filter($rooms, static fn(RoomSpace $one): bool => $one->id() === $asked))[0]
            ?? array_values(
                array_filter($rooms, static fn(RoomSpace $one): bool => str_contains($one->room->use->value ?? '', 'kitchen')),
            )[0]
            ?? $rooms[0] ?? null;
        $this->schedule = $this->room === null ? null : KitchenSchedule::of($this->room, $home);
    }

    /** @return list<RoomSpace> that runs of units stand in */
    public function rooms(): array
    {
        return array_values(array_filter(
            $this->home->rooms,
            fn(RoomSpace $room): bool => $room->outline() !== null && Runs::of($room, $this->home) !== [],
        ));
    }

    /**
     * Units, then pieces of worktop; lengths in mm.
     *
     * @return non-empty-list<non-empty-list<string|float|int|null>> the first row names the columns
     */
    public function table(): array
    {
        $rows = [
            array_map(__(...), self::COLUMNS),
        ];
        foreach ($this->schedule->units ?? [] as $unit) {
            $fixture = $unit->fixture->fixture;
            $rows[] = [
                $unit->mark, $fixture->id, $fixture->kind->words(), $fixture->name, $fixture->width, $fixture->depth, $fixture->height,
                $fixture->base, $unit->doors(), $unit->hinge()?->words(), $fixture->glassDoors === true ? __('yes') : null,
                null, null, null, null,
                null, null,
            ];
        }
        foreach ($this->schedule->worktops ?? [] as $piece) {
            $rows = [...$rows, ...self::rowsOf($piece)];
        }

        return $rows;
    }

    /** @return list<non-empty-list<string|float|int|null>> its legs, then what is cut out of it */
    private static function rowsOf(WorktopPiece $piece): array
    {
        $mark = self::pieceMark($piece);

        return [
            ...array_map(static fn(PlacedFixture $part): array => [
                $mark, $part->id(), $part->fixture->kind->words(), $part->fixture->name, $part->fixture->width, $part->fixture->depth,
                $part->fixture->height, $part->fixture->base, null, null, null, null, null, null, null, null,
                $part->fixture->upstand,
            ], $piece->parts),
            ...array_map(static fn(CutOut $cut): array => [
                $mark, $cut->fixture->id(), null, null, self::tenths($cut->width), self::tenths($cut->depth), null, null, null, null, null,
                $cut->fixture->fixture->kind->words(), self::tenths($cut->left), self::tenths($cut->right), self::tenths($cut->front),
                self::tenths($cut->back), null,
            ], $piece->cutOuts),
        ];
    }

    private static function tenths(float $mm): float
    {
        return round($mm, 1);
    }

    public static function pieceMark(WorktopPiece $piece): string
    {
        return "T{$piece->number}";
    }

    public function kind(ScheduledUnit|WorktopPiece $one): string
    {
        return Text::capital(($one instanceof ScheduledUnit ? $one->fixture : $one->parts[0])->fixture->kind->words());
    }

    /** `600 x 600 x 870`, of a piece around corners each leg; what nobody said is a question mark. */
    public function size(ScheduledUnit|WorktopPiece $one): string
    {
        return implode(__(' and '), array_map(
            fn(PlacedFixture $part): string => implode(' × ', array_map(
                $this->length(...),
                [$part->fixture->width, $part->fixture->depth, $part->fixture->height],
            )),
            $one instanceof ScheduledUnit ? [$one->fixture] : $one->parts,
        ));
    }

    public function length(?float $mm): string
    {
        return $mm === null ? '?' : $this->home->length($mm);
    }

    /** What stands in its inner corners, from left to right. */
    public function corners(RunFigures $run): string
    {
        return implode(', ', array_map(static fn(RunCorner $one): string => match ($one->kind()) {
            RunCornerKind::Open => 'open',
            RunCornerKind::Blind => __('a unit reaches in'),
            RunCornerKind::Diagonal => 'diagonal',
        }, $run->run->corners));
    }

    public function area(WorktopPiece $piece): string
    {
        return $this->home->write(Amount::area($piece->area() / 1e6));
    }

    /** `Sink 760 × 500: 40 from the left, 60 from the right, …`. */
    public function cutOut(CutOut $cut): string
    {
        return __(
            ':kind :width × :depth: :left from the left, :right from the right, :front from the front, :back from the back',
            [
                'kind' => Text::capital($cut->fixture->fixture->kind->words()),
                'width' => $this->length($cut->width),
                'depth' => $this->length($cut->depth),
                'left' => $this->length($cut->left),
                'right' => $this->length($cut->right),
                'front' => $this->length($cut->front),
                'back' => $this->length($cut->back),
            ],
        );
    }

    /** @return list<array{string, string}> what goes along with the units */
    public function lengths(): array
    {
        $schedule = $this->schedule;

        return $schedule === null ? [] : [
            [__('Fillers'), $this->length($schedule->fillers())], [__('Plinth'), $this->length($schedule->plinth())],
            [__('Cornice'), $this->length($schedule->cornice())], [__('Upstands'), $this->length($schedule->upstands())],
            [__('End panels'), (string) $schedule->endPanels()],
        ];
    }

    public function drawPlan(): string
    {
        if ($this->room === null) {
            return '';
        }
        $plan = new RoomPlan($this->home, $this->room, PlanLayers::Kitchen, self::PLAN);

        return $plan->draw(implode('', $this->marksOnPlan($plan->scale)));
    }

    /**
     * Of what stands; of what is set in a unit with that, of what is narrow before it.
     *
     * @return list<string>
     */
    private function marksOnPlan(float $scale): array
    {
        /** @var list<array{string, Point}> $places */
        $places = [];
        foreach ($this->schedule->units ?? [] as $unit) {
            $middle = $unit->fixture->outline?->middle();
            if ($middle === null || $unit->fixture->base() >= self::HANGS) {
                continue;
            }
            $isNarrow = ($unit->fixture->fixture->width ?? 0.0) < self::LETTERS * $scale;
            $before = ($unit->fixture->fixture->depth ?? 0.0) / 2 + self::BEFORE * $scale;
            $places[] = [$unit->mark, $isNarrow ? $middle->plus($unit->fixture->frame->yAxis->times($before)) : $middle];
        }
        $marks = [];
        while ($places !== []) {
            $at = $places[0][1];
            [$here, $others] = [[], []];
            foreach ($places as [$mark, $place]) {
                if ($place->distanceTo($at) < self::LETTERS * $scale / 2) {
                    $here[] = $mark;
                } else {
                    $others[] = [$mark, $place];
                }
            }
            $places = $others;
            $lines = array_map(
                static fn(string $mark, int $line): string => Svg::element(
                    'text',
                    ['y' => (string) (4 + self::LINE * ($line - (count($here) - 1) / 2))],
                    Svg::text($mark),
                ),
                $here,
                array_keys($here),
            );
            $marks[] = Svg::pinned($at, 'unit-mark', implode('', $lines));
        }

        return $marks;
    }

    /** @return list<array{string, string}> name and drawing of each wall that units stand or hang at */
    public function drawWalls(): array
    {
        $marks = $this->schedule?->marks() ?? [];
        $drawn = [];
        foreach ($this->room === null ? [] : RoomElevations::of($this->room, $this->home) as $number => $wall) {
            $isMarked = array_filter(
                $wall->fixtures,
                static fn(ElevationFixture $one): bool => $one->isAtWall && isset($marks[$one->fixture->id()]),
            ) !== [];
            $drawn = [...$drawn, ...$isMarked ? [[__('Wall :letter', [
                'letter' => ViewsOfSheet::letter($number),
            ]), $this->drawWall($wall, $marks)]] : []];
        }

        return $drawn;
    }

    /** @param array<string, string> $marks */
    private function drawWall(WallElevation $wall, array $marks): string
    {
        $drawing = new ElevationDrawing($wall, $this->home, $this->style, self::SCALE, $marks);

        return $drawing->figure(__('The wall from the front with the marks of its units'));
    }
}
