<?php

declare(strict_types=1);

namespace App\Pages;

use App\Board\ActInput;
use App\Board\AskedKitchen;
use App\Board\LengthField;
use App\Drawing\ElevationDrawing;
use App\Drawing\PlanLayers;
use App\Drawing\RoomPlan;
use App\Models\Scheme;
use App\Sheets\ViewsOfSheet;
use Heurema\Drafting\ElevationOpening;
use Heurema\Drafting\RoomElevations;
use Heurema\Drafting\WallElevation;
use Heurema\Kitchen\Anchor;
use Heurema\Kitchen\CornerKind;
use Heurema\Kitchen\FillerPlace;
use Heurema\Kitchen\KitchenPlan;
use Heurema\Kitchen\Row;
use Heurema\Kitchen\RowUnit;
use Heurema\Kitchen\WallStretch;
use Heurema\Kitchen\WantedFixture;
use Heurema\Language\Text;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Review\Verdict;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\UnreadableLength;

/** A kitchen being laid out in a room: what is asked for, and one of the plans that fit, drawn and held against the books. */
final class KitchenPage
{
    /** The plan and the walls are drawn so large, px. */
    private const PLAN = 380.0;
    private const WALL = 460.0;

    /** A wall is drawn no larger, mm under a pixel. */
    private const FINEST = 6.0;

    /** What a kitchen is usually asked to hold, from left to right: kind and place. */
    private const USUAL = [
        ['refrigerator', Anchor::LeftEnd], ['sink', Anchor::Anywhere], ['dishwasher', Anchor::Anywhere], ['range', Anchor::Anywhere],
    ];

    public readonly ?AskedKitchen $kitchen;

    /** Why there is no plan. */
    public ?string $problem = null;

    /** @var list<KitchenPlan> */
    public array $plans = [];

    public int $number = 0;

    /** The home with the plan built. */
    private ?Home $built = null;

    /** @param \Closure(Home): Report $check */
    public function __construct(
        public readonly Scheme $scheme,
        private readonly Home $home,
        private readonly ActInput $asked,
        private readonly \Closure $check,
    ) {
        $room = AskedKitchen::room($asked, $home);
        $this->kitchen = $room === null ? null : new AskedKitchen($asked, $home, $room);
        if ($this->kitchen !== null && $this->isAsked()) {
            try {
                $this->plans = $this->kitchen->plans();
                $this->number = $this->kitchen->number(count($this->plans));
                $edit = $this->kitchen->edit($this->plans[$this->number]);
                $this->built = new Home((new Editor())->apply($home->layout, $edit)->layout);
            } catch (RefusedEdit|UnreadableLength $e) {
                [$this->plans, $this->problem] = [[], $e->getMessage()];
            }
        }
    }

    /** Has anybody asked for one yet? */
    public function isAsked(): bool
    {
        return $this->asked->has('walls') || $this->asked->has('kinds');
    }

    public function plan(): ?KitchenPlan
    {
        return $this->plans[$this->number] ?? null;
    }

    /** @return list<RoomSpace> that walls close around */
    public function rooms(): array
    {
        return array_values(array_filter($this->home->rooms, static fn(RoomSpace $room): bool => $room->outline() !== null));
    }

    public function stretchName(WallStretch $stretch): string
    {
        $windows = count($stretch->stretch->windows);

        return ViewsOfSheet::letter($stretch->number).", {$this->side($stretch)}: {$this->home->length($stretch->stretch->length())}"
            .($windows === 0 ? '' : ($windows === 1 ? __(', a window') : __(', :windows windows', ['windows' => $windows])));
    }

    /** Where on the plan its wall lies. */
    private function side(WallStretch $stretch): string
    {
        $facing = $stretch->stretch->facing();

        return match (true) {
            abs($facing->x) > abs($facing->y) => $facing->x > 0.0 ? __('left of the plan') : __('right of the plan'),
            default => $facing->y > 0.0 ? __('foot of the plan') : __('top of the plan'),
        };
    }

    public function isChosen(WallStretch $stretch): bool
    {
        return $this->isAsked()
            ? in_array($stretch->key(), $this->asked->array('walls'), true)
            : $stretch->key() === $this->longest()?->key();
    }

    private function longest(): ?WallStretch
    {
        $longest = null;
        foreach ($this->kitchen->stretches ?? [] as $one) {
            $longest = $longest === null || $one->stretch->length() > $longest->stretch->length() ? $one : $longest;
        }

        return $longest;
    }

    /** @return list<array{string, string, string}> kind, width as it was typed, and place of each fixture that is asked for */
    public function rows(): array
    {
        $rows = $this->isAsked()
            ? array_map($this->typedRow(...), range(0, AskedKitchen::MOST - 1))
            : array_map(static fn(array $one): array => [$one[0], '', $one[1]->value], self::USUAL);

        return [...$rows, ...array_fill(0, AskedKitchen::MOST - count($rows), ['', '', Anchor::Anywhere->value])];
    }

    /** @return array{string, string, string} */
    private function typedRow(int $number): array
    {
        $said = fn(string $key): string => is_string($this->asked->array($key)[$number] ?? null) ? $this->asked->array($key)[$number] : '';

        return [$said('kinds'), $said('widths'), $said('places')];
    }

    /** @return array<string, string> what can be asked for, by kind */
    public function kinds(): array
    {
        $kinds = [];
        foreach (WantedFixture::KINDS as $kind) {
            $kinds[$kind->value] = Text::capital(match ($kind) {
                FixtureKind::BaseCabinet => __('base unit'),
                FixtureKind::TallCabinet => __('tall unit'),
                default => $kind->words(),
            });
        }

        return $kinds;
    }

    /** As it stands in a field; of nothing: none. */
    public function usualWidth(string $kind): string
    {
        $kind = FixtureKind::tryFrom($kind);

        return $kind === null || $this->kitchen === null ? __('width') : $this->length($this->kitchen->usualWidth($kind));
    }

    /** @return array<string, string> */
    public function places(): array
    {
        return [
            Anchor::Anywhere->value => __('anywhere'),
            Anchor::LeftEnd->value => __('at the left end'),
            Anchor::RightEnd->value => __('at the right end'),
            Anchor::Window->value => __('under a window'),
        ];
    }

    /** @return array<string, string> */
    public function corners(): array
    {
        return [
            CornerKind::BlindLeft->value => __('a unit of the left wall reaches in'),
            CornerKind::BlindRight->value => __('a unit of the right wall reaches in'),
            CornerKind::Diagonal->value => __('a unit with its front cut off stands in each'),
            CornerKind::Open->value => __('stay empty'),
        ];
    }

    /** @return array<string, string> */
    public function fillerPlaces(): array
    {
        return [
            FillerPlace::Both->value => __('at both ends'),
            FillerPlace::Left->value => __('at the left'),
            FillerPlace::Right->value => __('at the right'),
        ];
    }

    /** What was typed or chosen, else what is usual. */
    public function value(string $key, string $usual = ''): string
    {
        return $this->isAsked() ? $this->asked->string($key)->value() : $usual;
    }

    public function isOn(string $key, bool $usual): bool
    {
        return $this->isAsked() ? $this->asked->boolean($key) : $usual;
    }

    /** @return array<array-key, string> all that was asked for, as hidden fields have it, with the plan that is shown */
    public function hidden(): array
    {
        $hidden = [];
        foreach ([...$this->asked->except('version', 'number'), 'number' => (string) $this->number] as $key => $value) {
            foreach (is_array($value) ? $value : [] as $number => $one) {
                $hidden["{$key}[{$number}]"] = is_string($one) ? $one : '';
            }
            $hidden += is_scalar($value) ? [$key => (string) $value] : [];
        }

        return $hidden;
    }

    public function usualBeside(): float
    {
        return AskedKitchen::usualBeside($this->home->layout->units);
    }

    public function usualAisle(): float
    {
        return AskedKitchen::usualAisle($this->home->layout->units);
    }

    public function usualIsland(): float
    {
        return AskedKitchen::usualIsland($this->home->layout->units);
    }

    public function length(float $mm): string
    {
        return LengthField::write($mm, $this->home->layout);
    }

    /** @return list<array{string, string, string, string, string}> number, what, from, width and to of the units of a row */
    public function units(Row $row): array
    {
        return array_map(
            fn(RowUnit $one, int $number): array => [
                (string) ($number + 1),
                $this->unitName($one),
                $this->exactly($one->left),
                $this->exactly($one->width),
                $this->exactly($one->right()),
            ],
            $row->units,
            array_keys($row->units),
        );
    }

    private function unitName(RowUnit $unit): string
    {
        return match (true) {
            $unit->setIn !== null && $unit->kind === FixtureKind::TallCabinet => __(':setIn in a tall unit', [
                'setIn' => Text::capital($unit->setIn->words()),
            ]),
            $unit->setIn !== null => __(':setIn in a base unit', ['setIn' => Text::capital($unit->setIn->words())]),
            $unit->kind === FixtureKind::BaseCabinet => __('Base unit'),
            $unit->kind === FixtureKind::TallCabinet => __('Tall unit'),
            default => Text::capital($unit->kind->words()),
        };
    }

    /** To a sixteenth of an inch, or a tenth of a millimetre. */
    public function exactly(float $mm): string
    {
        return $this->home->length($mm);
    }

    public function drawPlan(): string
    {
        $room = $this->kitchen?->room;

        return $room === null ? '' : (new RoomPlan($this->built ?? $this->home, $room, PlanLayers::Furniture, self::PLAN))->draw();
    }

    /** @return list<array{string, string}> name and drawing of each wall that units stand along */
    public function drawWalls(): array
    {
        if ($this->built === null || $this->kitchen === null) {
            return [];
        }
        $room = $this->built->room($this->kitchen->room->id());
        $walls = $room === null ? [] : RoomElevations::of($room, $this->built);
        $drawn = [];
        foreach ($this->kitchen->stretches as $stretch) {
            if ($this->isChosen($stretch) && isset($walls[$stretch->number]) && !isset($drawn[$stretch->number])) {
                $drawn[$stretch->number] = [$this->stretchName($stretch), $this->drawWall($walls[$stretch->number])];
            }
        }

        return array_values($drawn);
    }

    private function drawWall(WallElevation $wall): string
    {
        $scale = max(self::FINEST, $wall->length() / self::WALL);
        $drawing = new ElevationDrawing($wall, $this->built ?? $this->home, $this->scheme->dimensionStyle(), $scale);

        return $drawing->figure(__('The wall from the front, :count fixtures, :count2 windows', [
            'count' => count($wall->fixtures),
            'count2' => count(array_filter($wall->openings, static fn(ElevationOpening $one): bool => $one->sill > 0.0)),
        ]));
    }

    /** @return list<Finding> what the books say of it: of the room, and of what stands in it, that is not met */
    public function findings(): array
    {
        if ($this->built === null || $this->kitchen === null) {
            return [];
        }
        $room = $this->kitchen->room->id();
        $here = [$room => true];
        foreach ($this->built->fixtures as $one) {
            $here += $one->room?->id() === $room ? [$one->id() => true] : [];
        }
        // what stands beside a door takes the floor before it
        $built = $this->built->room($room);
        foreach ($built === null ? [] : $this->built->openingsOf($built) as $one) {
            $here += [$one->id() => true];
        }
        $found = array_filter(
            ($this->check)($this->built)->findings,
            static fn(Finding $one): bool => isset($here[$one->subject->id()])
                && in_array($one->verdict(), [Verdict::Violated, Verdict::Advised], true),
        );
        usort(
            $found,
            static fn(Finding $a, Finding $b): int => ($b->verdict() === Verdict::Violated) <=> ($a->verdict() === Verdict::Violated),
        );

        return $found;
    }
}
