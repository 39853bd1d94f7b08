<?php

declare(strict_types=1);

namespace App\Pages;

use App\Actions\ChangeScheme;
use App\Actions\FoldEdits;
use App\Board\Acts\KeepTapedHeight;
use App\Board\Acts\SetBacking;
use App\Board\Acts\SetHandrails;
use App\Board\Acts\SetHome;
use App\Board\ElementNames;
use App\Board\Field;
use App\Board\Fields;
use App\Board\LengthField;
use App\Board\OpeningLibrary;
use App\Board\SignedLength;
use App\Board\TypedValues;
use App\Board\UsualWalls;
use App\Drawing\BoardHandles;
use App\Drawing\Catches;
use App\Drawing\DimensionStyle;
use App\Drawing\ElevationDrawing;
use App\Drawing\FreePlaces;
use App\Drawing\LabelPlace;
use App\Drawing\LiveDimensions;
use App\Drawing\OpenEdgeMarks;
use App\Drawing\PlanDrawing;
use App\Drawing\Sheet;
use App\Drawing\StoreyBelow;
use App\Drawing\SubjectMarks;
use App\Drawing\SurveyDrawing;
use App\Drawing\Svg;
use App\Drawing\WitnessDrawing;
use App\Examination\Basis;
use App\Examination\BookCheck;
use App\Examination\KeptReports;
use App\Examination\ListedBook;
use App\Letters\LetterProgress;
use App\Letters\OpenItem;
use App\Models\PendingPage;
use App\Models\PictureBeneath;
use App\Models\Scheme;
use Heurema\Drafting\ElevationFixture;
use Heurema\Drafting\EntranceSteps;
use Heurema\Drafting\RoomElevations;
use Heurema\Drafting\StairForm;
use Heurema\Drafting\Surroundings;
use Heurema\Drafting\TapedPull;
use Heurema\Drafting\WallDistance;
use Heurema\Drafting\WallDistances;
use Heurema\Drafting\WallElevation;
use Heurema\Drafting\WallMeetings;
use Heurema\Drafting\WallOffsets;
use Heurema\Drafting\WallStretches;
use Heurema\Geometry\Box;
use Heurema\Geometry\Segment;
use Heurema\Kitchen\UnitChange;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\DraftElement;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Element;
use Heurema\Layout\Fixture;
use Heurema\Layout\Flight;
use Heurema\Layout\FloorVoid;
use Heurema\Layout\Handrails;
use Heurema\Layout\Opening;
use Heurema\Layout\Ramp;
use Heurema\Layout\RampRun;
use Heurema\Layout\Room;
use Heurema\Layout\Stair;
use Heurema\Layout\Storey;
use Heurema\Layout\SurveyDistance;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Spatial\FoldingLeaves;
use Heurema\Spatial\Home;
use Heurema\Spatial\OpenEdge;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Units\UnitSystem;

/** A scheme on the board: its plan, what is chosen on it, and what the check says. */
final class BoardPage
{
    /** Room for dimensions from one base line, which lie in many rows, mm. */
    /** More open edges of one thing are told together. */
    private const LISTED_EDGES = 6;

    /** A wall beside the plan: mm under a pixel, as the style sheet has it, and how wide, px. */
    private const FRONT_SCALE = 11.0;
    private const FRONT_WIDTH = 370.0;

    public readonly Sheet $sheet;

    public readonly DimensionStyle $style;

    public readonly Home $home;

    private readonly LabelPlace $labels;

    private ?Report $report = null;

    /**
     * @param KeptReports|BookCheck $reports where a report is found, or worked out anew
     * @param string      $opened  fingerprint of the finding whose evidence is open
     * @param list<DraftElement> $several all that is chosen, where that is several
     */
    private function __construct(
        public readonly Scheme $scheme,
        private readonly BookCheck $check,
        private readonly KeptReports|BookCheck $reports,
        public readonly string $storey,
        public readonly ?DraftElement $chosen,
        private readonly string $opened,
        public readonly array $several,
    ) {
        $this->style = $scheme->dimensionStyle();
        $this->sheet = Sheet::of($scheme->layout, around: $this->style->around());
        $this->home = new Home($scheme->layout);
        $this->labels = new LabelPlace($this->home, $this->sheet->scale(), $this->style, hasSigns: true);
    }

    /** @param list<string> $several ids of all that is chosen */
    public static function of(
        Scheme $scheme,
        BookCheck $check,
        KeptReports|BookCheck $reports,
        string $storey,
        string $select,
        string $opened = '',
        array $several = [],
    ): self {
        $storey = $scheme->layout->storey($storey)->id ?? ($scheme->layout->storeys[0]->id ?? '');

        return new self(
            $scheme,
            $check,
            $reports,
            $storey,
            self::find($scheme, $select),
            $opened,
            array_values(array_filter(array_map(static fn(string $id): ?DraftElement => self::find($scheme, $id), $several))),
        );
    }

    /** What the check says; worked out when it is first asked for, after the plan. */
    public function report(): Report
    {
        return $this->report ??= $this->reports->report(
            $this->home,
            Basis::ofProject($this->scheme->project, $this->scheme->layout->units),
        );
    }

    public function storeyName(): ?string
    {
        return $this->home->layout->storey($this->storey)?->name;
    }

    /** @return list<Storey> highest first */
    public function storeys(): array
    {
        return array_reverse($this->scheme->layout->storeys);
    }

    public function address(?string $storey = null): string
    {
        return route(
            'board',
            array_filter(
                ['scheme' => $this->scheme->id, 'storey' => $storey ?? $this->storey],
                static fn(int|string $part): bool => $part !== '',
            ),
        );
    }

    public function plan(): string
    {
        $plan = $this->home->plans[$this->storey] ?? null;
        if ($plan === null) {
            return '';
        }

        $drawing = $this->drawing($plan);
        $places = $drawing->places();
        $this->openEdgeMarks($plan, $places)->draw();

        return (new StoreyBelow($this->home, $this->storey))->draw()
            .$drawing->layers((new BoardHandles($plan))->draw(), $places)
            .(new SurveyDrawing($this->home, $this->storey, $this->labels->scale, $places))->draw()
            .(new Catches($this->home, $plan))->draw()
            .Svg::element(
                'g',
                ['class' => 'layer-live'],
                $this->chosen === null
                    ? ''
                    : (new LiveDimensions($this->home, $this->storey, $this->sheet->scale()))->of($this->chosen->id()),
            );
    }

    private function drawing(StoreyPlan $plan): PlanDrawing
    {
        return new PlanDrawing($this->home, $plan, $this->labels, $this->style);
    }

    private function openEdgeMarks(StoreyPlan $plan, FreePlaces $places): OpenEdgeMarks
    {
        return new OpenEdgeMarks($this->home, $plan, $places, $this->labels->scale, $this->chosen?->id() ?? '');
    }

    /** The signs of what is open, over the plan. */
    public function marks(): string
    {
        return (new SubjectMarks($this->report(), $this->storey, $this->labels))->draw();
    }

    public function isOpened(Finding $finding): bool
    {
        return $finding->fingerprint() === $this->opened;
    }

    /** The finding whose evidence is open, as it is now. */
    private function opened(): ?Finding
    {
        foreach ($this->opened === '' ? [] : $this->report()->findings as $finding) {
            if ($this->isOpened($finding)) {
                return $finding;
            }
        }

        return null;
    }

    /** What the opened finding saw, drawn over the plan. */
    public function witness(): string
    {
        $opened = $this->opened();

        return $opened === null ? '' : (new WitnessDrawing($opened, $this->storey))->draw();
    }

    public function focus(): ?string
    {
        $opened = $this->opened();

        return $opened === null ? null : (new WitnessDrawing($opened, $this->storey))->bounds();
    }

    /** @return list<list<MissingValue>> what a finding lacks; one of each list has to be known */
    public function missing(Finding $finding): array
    {
        return MissingValue::among($finding, $this->home);
    }

    /** The page of a PDF that is to lie under this storey and is not drawn yet. */
    public function pendingPage(): ?PendingPage
    {
        return $this->scheme->pages()->where('storey', $this->storey)->first();
    }

    /** How far the ground outside lies below the floor in sight, as it would be typed; empty: nobody said. */
    public function ground(): string
    {
        $grade = $this->scheme->layout->grade;
        $below = $grade === null ? null : ($this->scheme->layout->storey($this->storey)->elevation ?? 0.0) - $grade;

        return $below === null ? '' : SignedLength::write($below, $this->scheme->layout);
    }

    /** How far the ground outside the chosen door lies below its floor, as it would be typed; empty: nobody said. */
    public function outsideLevel(): string
    {
        $level = $this->chosen?->element instanceof Opening ? $this->chosen->element->door?->exteriorLevel : null;

        return $level === null
            ? ''
            : SignedLength::write(($this->scheme->layout->storey($this->storey)->elevation ?? 0.0) - $level, $this->scheme->layout);
    }

    /** @return array<string, array{string, string, string}> label, value and hint by field */
    public function railHeights(): array
    {
        $sides = $this->handrails()->sides ?? [];
        $fields = [];
        foreach (SetHandrails::SIDES as $side) {
            $rail = $sides[$side] ?? null;
            $fields[SetHandrails::field($side)] = [
                "Rail on the {$side}, climbing",
                $rail !== null ? $this->typed($rail->height) : (array_key_exists($side, $sides) ? SetHandrails::NONE : ''),
                'its height, or none',
            ];
        }

        return $fields;
    }

    /** @return array<string, array{string, string, string}> of the rails that there are: label, value and hint by field */
    public function railDetails(): array
    {
        $fields = [];
        foreach (array_filter($this->handrails()->sides ?? []) as $side => $rail) {
            foreach ([
                'projection' => ['stands in by', ''],
                'foot' => ['goes on at the foot by', 'beyond the lowest nosing'],
                'head' => ['goes on at the head by', 'beyond the highest nosing'],
            ] as $detail => [$label, $hint]) {
                $value = $rail->$detail;
                $fields[SetHandrails::field($side, $detail)] = [
                    ucfirst($side)." rail {$label}",
                    is_float($value) ? $this->typed($value) : '',
                    $hint,
                ];
            }
        }

        return $fields;
    }

    private function handrails(): ?Handrails
    {
        $element = $this->chosen?->element;

        return $element instanceof Stair || $element instanceof Ramp ? $element->handrails : null;
    }

    /** How far north is turned from up, degrees clockwise; empty: nobody said. */
    public function north(): string
    {
        $north = $this->scheme->layout->north;

        return $north === null ? '' : (string) round(fmod(450.0 - $north, 360.0), 6);
    }

    /** How high the floor of the chosen storey lies, as it would be typed; empty: nobody said. */
    public function storeyLevel(): string
    {
        $level = $this->chosen?->element instanceof Storey ? $this->chosen->element->elevation : null;

        return $level === null ? '' : SignedLength::write($level, $this->scheme->layout);
    }

    public function shape(): FixtureShape
    {
        $fixture = $this->chosen?->element;

        return $fixture instanceof Fixture
            ? new FixtureShape($fixture, $this->scheme->layout)
            : throw new \LogicException('No fixture is chosen.');
    }

    public function slope(): CeilingShape
    {
        $room = $this->chosen?->element;

        return $room instanceof Room ? new CeilingShape($room, $this->scheme->layout) : throw new \LogicException('No room is chosen.');
    }

    /** Where the chosen wall holds bars, as it would be typed. */
    public function backing(): string
    {
        $wall = $this->chosen?->element;

        return $wall instanceof Wall ? SetBacking::written($wall, $this->scheme->layout) : '';
    }

    /** @return array<string, string> the walls that can move to make the drawing what was taped: names by the end that they are at */
    public function tapedEnds(): array
    {
        $taped = $this->chosen?->element;
        $walls = $taped instanceof SurveyDistance ? TapedPull::walls($taped, $this->home->plans[$taped->storey]) : [];

        return array_map(fn(Wall $wall): string => lcfirst($this->wallCalled($wall->id)), $walls);
    }

    /** @return array<string, array{string, string, string}> of the chosen room or opening: label, value and hint by field */
    public function tapedHeights(): array
    {
        $fields = [];
        $element = $this->chosen?->element;
        if ($element === null) {
            return [];
        }
        foreach (KeepTapedHeight::heights($element) as $height) {
            $kept = KeepTapedHeight::kept($this->scheme->layout, $element->id(), $height);
            $fields[$height->value] = [
                ucfirst($height->value).', above the floor',
                $kept === null ? '' : $this->typed($kept->measured),
                $kept === null ? '' : implode(', ', array_filter([$kept->by, $kept->on], static fn(?string $one): bool => $one !== null)),
            ];
        }

        return $fields;
    }

    /** @return array<string, string> what the sizes of the chosen door or window come to, by what it is */
    public function derivedSizes(): array
    {
        $opening = $this->chosenOpening() ?? $this->chosenAmong('roof_windows', $this->home->roofWindows);

        return $opening === null ? [] : (new DerivedSizes($opening, $this->home))->list();
    }

    /** @return array<string, array<string, string>> heights of the chosen fixture above the bare floor, by room and by what they are */
    public function aboveBareFloor(): array
    {
        $placed = $this->chosenFixture() ?? $this->chosenOpening();

        return $placed === null ? [] : BareFloorHeights::of($placed, $this->home)->list();
    }

    /** How large the attic is, as it would be typed; empty: nobody said. */
    public function attic(): string
    {
        return SetHome::atticTyped($this->scheme->layout);
    }

    /** The picture under the storey in sight. */
    public function pictureBeneath(): ?PictureBeneath
    {
        return $this->scheme->pictures()->where('storey', $this->storey)->first();
    }

    public function axes(): AxisChoices
    {
        return new AxisChoices($this->scheme->layout);
    }

    public function blocks(): BlockChoices
    {
        return new BlockChoices($this->home, $this->storey);
    }

    /** @return list<Field> */
    public function fields(): array
    {
        return $this->chosen === null ? [] : Fields::of($this->chosen->element);
    }

    /** @return list<Field> that all of several chosen elements share */
    public function sharedFields(): array
    {
        $shared = array_map(static fn(DraftElement $one): array => Fields::shared($one->element), $this->several);
        $isOf = static fn(Field $field, array $fields): bool => in_array($field->key, array_column($fields, 'key'), true);

        return array_values(array_filter(
            $shared[0] ?? [],
            static fn(Field $field): bool => array_filter($shared, static fn(array $fields): bool => !$isOf($field, $fields)) === [],
        ));
    }

    /** @return list<DraftElement> elements of the storey that several chosen ones can take their values of */
    public function like(): array
    {
        $first = $this->several[0] ?? null;
        $all = $first === null ? [] : (new Draft($this->scheme->layout))->elements($first->storey, $first->list);
        $like = array_filter($all, static fn(Element $one): bool => ($one->toArray()['kind'] ?? null) === $first?->value('kind'));

        return array_values(array_filter(array_map(fn(Element $one): ?DraftElement => self::find($this->scheme, $one->id()), $like)));
    }

    /** @return list<string> ids of all of the chosen element's kind in its room */
    public function ofItsKind(): array
    {
        foreach ([...$this->home->fixtures, ...$this->home->openings] as $placed) {
            if ($placed->id() === $this->chosen?->id()) {
                return $placed instanceof PlacedFixture ? $this->fixturesLike($placed) : $this->openingsLike($placed);
            }
        }

        return [];
    }

    /** @return list<string> */
    private function fixturesLike(PlacedFixture $fixture): array
    {
        $like = array_filter(
            $this->home->fixtures,
            static fn(PlacedFixture $other): bool => $other->fixture->kind === $fixture->fixture->kind
                && $other->room === $fixture->room
                && $other->storey() === $fixture->storey(),
        );

        return array_values(array_map(static fn(PlacedFixture $one): string => $one->id(), $like));
    }

    /** @return list<string> */
    private function openingsLike(PlacedOpening $opening): array
    {
        $rooms = array_filter([$opening->left->room, $opening->right->room]);
        $like = array_filter(
            $this->home->openingsOn($opening->storey()),
            static fn(PlacedOpening $other): bool => $other->opening->kind === $opening->opening->kind
                && array_filter($rooms, $other->borders(...)) !== [],
        );

        return array_values(array_map(static fn(PlacedOpening $one): string => $one->id(), $like));
    }

    public function value(Field $field): string
    {
        return $this->chosen === null ? '' : (new TypedValues($this->scheme->layout))->write($this->chosen->element, $field);
    }

    public function isChosen(string $list): bool
    {
        return $this->chosen?->list->value === $list;
    }

    /** A length of the drawing as it would be typed. */
    public function typed(float $mm): string
    {
        return LengthField::write(round($mm, 4), $this->scheme->layout);
    }

    /** @return list<WallDistance> what the chosen wall looks at */
    public function distances(): array
    {
        $wall = $this->chosenWall();

        return $wall === null || !$this->isChosen('walls') ? [] : WallDistances::of($this->home->plans[$this->storey], $wall);
    }

    /** Do walls go on in one line with the chosen one? */
    public function goesOn(): bool
    {
        $wall = $this->chosenWall();
        $storey = $this->scheme->layout->storey($this->storey);
        if ($wall === null || $storey === null) {
            return false;
        }
        $meetings = new WallMeetings($storey);

        return $meetings->inLine($wall, WallMeetings::FROM) !== [] || $meetings->inLine($wall, WallMeetings::TO) !== [];
    }

    /** What a wall of the storey is called within a sentence. */
    public function wallCalled(string $id): string
    {
        return lcfirst($this->home->plans[$this->storey]->wallCalled($id));
    }

    /**
     * @return array<int|string, string> the stretches of the chosen wall, or of the wall of the chosen opening, in which something can be
     *                                   placed
     */
    public function stretches(): array
    {
        $wall = $this->chosenWall();
        $storey = $this->scheme->layout->storey($this->storey);
        if ($wall === null || $storey === null) {
            return [];
        }
        $stretches = new WallStretches($storey, $wall);
        $named = ['whole' => "the whole wall ({$this->home->length($stretches->whole()->length())})"];
        foreach ($stretches->free($this->chosen?->id()) as $number => $stretch) {
            $named[$number] = "{$this->bound($stretch->startsAt)} to {$this->bound($stretch->endsAt)} "
                ."({$this->home->length($stretch->length())})";
        }

        return $named;
    }

    /** What bounds a stretch of a wall, in words. */
    private function bound(string $bound): string
    {
        $entry = self::find($this->scheme, substr((string) strrchr($bound, ' '), 1));

        return match (true) {
            $entry !== null => 'the '.lcfirst($this->called($entry)),
            $bound === 'the start' => 'the corner '.$this->jamb('from'),
            default => 'the corner '.$this->jamb('to'),
        };
    }

    /** @return array<int, string> */
    public function sizes(OpeningKind $kind): array
    {
        return (new OpeningLibrary($this->scheme->layout))->choices($kind);
    }

    /** @return array<string, Segment> from the centre line of the chosen fixture to the wall at its left and right */
    public function sides(): array
    {
        $sides = [];
        $fixture = $this->chosenFixture();
        if ($fixture === null) {
            return [];
        }
        foreach ((new WallOffsets($fixture))->sides() as $side) {
            if ($side->length() > 0) {
                $sides[$side->direction()->dot($fixture->frame->xAxis) > 0 ? 'right' : 'left'] = $side;
            }
        }

        return $sides;
    }

    /** What an element is called, as a heading: by what it is and where, never by its id. */
    public function called(DraftElement $entry): string
    {
        return (new ElementNames($this->home))->called($entry);
    }

    /** A sentence about the drawing, without ids. */
    public function sentence(?string $sentence): ?string
    {
        return $sentence === null ? null : (new ElementNames($this->home))->say($sentence);
    }

    /** What lies on a side of the chosen opening's wall. */
    public function towards(string $side): string
    {
        $opening = $this->chosenOpening();
        $beyond = $side === 'left' ? $opening?->left : $opening?->right;

        return $beyond === null ? "the {$side} of its wall" : $beyond->words();
    }

    /** A choice of a field as one would say it of the chosen element. */
    public function says(Field $field, string $choice): string
    {
        return match ($field->key) {
            'hinge' => $this->jamb($choice),
            'opens' => 'into '.$this->towards($choice),
            default => $field->words($choice),
        };
    }

    /** Where on the plan a choice or a length of the chosen element is, to be lit while its field is used. */
    public function lights(string $key): ?string
    {
        $opening = $this->chosenOpening();
        $line = match (true) {
            $opening === null => $this->sides()[$key] ?? null,
            $key === 'at' => new Segment($opening->wall->from, $opening->middle()),
            $key === 'width' => $opening->span(),
            default => null,
        };

        return $line === null
            ? null
            : implode(' ', [round($line->from->x, 1), round($line->from->y, 1), round($line->to->x, 1), round($line->to->y, 1)]);
    }

    /** The wall at which the chosen fixture stands or hangs, from the front; null: it is at none, or nobody said how high it is. */
    public function wallFromTheFront(): ?string
    {
        $fixture = $this->chosenFixture();
        $room = $fixture?->room;
        foreach ($fixture === null || $room === null ? [] : RoomElevations::of($room, $this->home) as $wall) {
            foreach ($wall->fixtures as $one) {
                if ($one->isAtWall && $one->fixture === $fixture) {
                    return $this->drawnWall($wall, $one);
                }
            }
        }

        return null;
    }

    /** As much of it as there is room for beside the plan, around what is chosen. */
    private function drawnWall(WallElevation $wall, ElevationFixture $chosen): string
    {
        $drawing = new ElevationDrawing(
            $wall,
            $this->home,
            $this->scheme->dimensionStyle(),
            self::FRONT_SCALE,
            chosen: $chosen->fixture->id(),
        );
        $box = $drawing->box();
        $width = min($box->width(), self::FRONT_WIDTH * self::FRONT_SCALE);
        $left = max($box->left, min($box->right - $width, ($chosen->left() + $chosen->right() - $width) / 2));

        return $drawing->figure(
            'The wall that it stands or hangs at, from the front',
            'group',
            new Box($left, $box->bottom, $left + $width, $box->top),
        );
    }

    /** The chosen fixture as a unit of a run; null: it is none. */
    public function unit(): ?UnitChange
    {
        $fixture = $this->chosenFixture();

        return $fixture === null ? null : UnitChange::of($fixture, $this->home);
    }

    /** How wide the gap is in which the chosen fixture stands. */
    public function gap(): ?string
    {
        $fixture = $this->chosenFixture();
        $between = $fixture === null ? null : (new Surroundings($fixture, $this->home))->between();

        return $between === null ? null : $this->home->length($between);
    }

    /** @return array<string, string> what the chosen fixture or opening can be placed by: names by id */
    public function neighbours(): array
    {
        $chosen = $this->chosenFixture() ?? $this->chosenOpening();
        if ($chosen === null) {
            return [];
        }
        $rooms = $chosen instanceof PlacedFixture
            ? array_filter([$chosen->room])
            : array_filter([$chosen->left->room, $chosen->right->room]);
        $names = [];
        foreach ($chosen instanceof PlacedOpening ? $rooms : [] as $room) {
            $names[$room->id()] = $room->name();
        }
        foreach ([...$this->home->fixturesOn($this->storey), ...$this->home->openingsOn($this->storey)] as $placed) {
            $isHere = $placed instanceof PlacedFixture
                ? in_array($placed->room, $rooms, true)
                : array_filter($rooms, $placed->borders(...)) !== [];
            if ($placed->id() !== $chosen->id() && $isHere) {
                $names[$placed->id()] = $placed->spoken();
            }
        }
        foreach ($rooms as $room) {
            foreach ($room->sides() as $side) {
                $names[$side->wall->id] = 'the '.$this->wallCalled($side->wall->id);
            }
        }

        return $names;
    }

    /** Where a jamb of the chosen opening is: `towards the left`. */
    public function jamb(string $end): string
    {
        $line = $this->chosenWall()?->line();
        if ($line === null) {
            return $end === 'from' ? 'at the wall’s start' : 'at the wall’s end';
        }
        $way = $line->direction()->times($end === 'from' ? -1 : 1);

        return 'at its '.(abs($way->x) >= abs($way->y) ? ($way->x > 0 ? 'right' : 'left') : ($way->y > 0 ? 'upper end' : 'lower end'));
    }

    /** How wide each leaf of the chosen folding door is. */
    public function leafWidth(): ?string
    {
        $opening = $this->chosenOpening();
        $leaves = $opening === null ? null : FoldingLeaves::of($opening);

        return $leaves === null ? null : $this->home->length($leaves->leafWidth);
    }

    private function chosenFixture(): ?PlacedFixture
    {
        foreach ($this->isChosen('fixtures') ? $this->home->fixtures : [] as $fixture) {
            if ($fixture->id() === $this->chosen?->id()) {
                return $fixture;
            }
        }

        return null;
    }

    private function chosenOpening(): ?PlacedOpening
    {
        return $this->chosenAmong('openings', $this->home->openings);
    }

    /** How high the chosen roof window begins and ends above the floor, and how steep it lies; empty where that is not known. */
    public function roofWindowHeights(): string
    {
        $window = $this->chosenAmong('roof_windows', $this->home->roofWindows);
        [$sill, $head] = [$window?->sill(), $window?->head()];

        return $sill === null || $head === null ? '' : implode(', ', [
            "from {$this->home->length($sill)} to {$this->home->length($head)} above the floor",
            'pitch '.$this->home->write(Amount::angle(rad2deg(asin($window->roof->steepness ?? 0.0)))),
        ]);
    }

    /** @param list<PlacedOpening> $openings */
    private function chosenAmong(string $list, array $openings): ?PlacedOpening
    {
        foreach ($this->isChosen($list) ? $openings : [] as $opening) {
            if ($opening->id() === $this->chosen?->id()) {
                return $opening;
            }
        }

        return null;
    }

    /** The first flight of the chosen stair and how high its risers come. */
    public function flight(): ?Flight
    {
        $part = $this->chosenStair()?->stair->parts[0] ?? null;

        return $part instanceof Flight ? $part : null;
    }

    /** How the chosen stair runs on plan. */
    public function stairForm(): ?StairForm
    {
        $stair = $this->chosenStair();

        return $stair === null ? null : StairForm::of($stair->stair);
    }

    public function riser(): ?string
    {
        $stair = $this->chosenStair();
        $rise = $stair?->totalRise();

        return $stair === null || $rise === null || $stair->stair->risers() === 0
            ? null
            : $this->home->length($rise / $stair->stair->risers());
    }

    /** The two sides of the chosen floor opening, where it is a rectangle along the sheet. */
    public function voidSize(): ?string
    {
        $outline = $this->chosenVoid()?->outline;
        if ($outline === null) {
            return null;
        }
        $box = $outline->bounds();

        return abs($outline->area() - $box->width() * $box->height()) < 1.0
            ? "{$this->typed($box->width())} x {$this->typed($box->height())}"
            : null;
    }

    /** @return list<string> of each edge of the chosen floor opening: is it guarded? */
    public function voidEdges(): array
    {
        $edges = $this->home->openEdges($this->home->plans[$this->storey]);
        $open = $edges->found;
        $isLowest = ($this->home->layout->storeys[0]->id ?? '') === $this->storey;
        $unknown = $isLowest ? 'no storey is drawn below' : ($edges->missing === [] ? null : 'how deep one falls is not known');
        $drops = array_map(static fn(OpenEdge $one): float => $one->drop, $open);
        $fall = $drops === [] ? '' : ', a fall of '.$this->home->length(max($drops));
        $words = [];
        foreach ($this->chosenVoid()?->outline->counterClockwise()->edges() ?? [] as $edge) {
            $out = $edge->direction()->left()->times(-1);
            $side = abs($out->x) > abs($out->y) ? ($out->x > 0 ? 'right' : 'left') : ($out->y > 0 ? 'upper' : 'lower');
            $length = array_sum(array_map(
                static fn(OpenEdge $one): float => $edge->distanceTo($one->line->middle()) < 1.0
                    && abs($one->line->direction()->cross($edge->direction())) < 0.01
                    ? $one->line->length()
                    : 0.0,
                $open,
            ));
            $words[] = ucfirst($side).', '.$this->home->length($edge->length()).': '.($unknown ?? match (true) {
                $length < 1.0 => 'guarded',
                $length > $edge->length() - 1.0 => "open{$fall}",
                default => "open along {$this->home->length($length)}{$fall}",
            });
        }

        return $words;
    }

    /** @return list<string> of the edges of the chosen element over which one can fall, how long they are and how deep one falls */
    public function openEdges(): array
    {
        $id = $this->chosen?->id();
        $edges = array_values(array_filter(
            $this->home->openEdges($this->home->plans[$this->storey])->found,
            static fn(OpenEdge $edge): bool => in_array($id, $edge->of, true),
        ));
        $fall = $edges === [] ? '' : $this->home->length(max(array_map(static fn(OpenEdge $edge): float => $edge->drop, $edges)));
        $together = $this->home->length(array_sum(array_map(static fn(OpenEdge $edge): float => $edge->line->length(), $edges)));

        return count($edges) > self::LISTED_EDGES
            ? [count($edges)." edges are open, {$together} together, with a fall of up to {$fall}"]
            : array_map(
                fn(OpenEdge $edge): string
                    => "{$this->home->length($edge->line->length())} open, a fall of {$this->home->length($edge->drop)}",
                $edges,
            );
    }

    /** The edges of the storey over which one can fall. */
    public function edgeMarks(): string
    {
        $plan = $this->home->plans[$this->storey];

        return $this->openEdgeMarks($plan, $this->drawing($plan)->places())->draw();
    }

    /** @return array{string, string} height and largest gap that a guard begins with, as they are typed (common practice, no source) */
    public function usualGuard(): array
    {
        return $this->isImperial() ? ['36"', '3 7/8"'] : [$this->typed(1100.0), $this->typed(99.0)];
    }

    /** Does the chosen door lead outside? */
    public function leadsOutside(): bool
    {
        $opening = $this->chosenOpening();

        return $opening !== null && $opening->type() === SubjectType::Door && $opening->isToOutside() === true;
    }

    /**
     * @return array{string, string, string, string} riser, tread, landing and margin that entrance steps begin with, as they are typed:
     *                                               those that there are, else as is usual (common practice, no source)
     */
    public function usualSteps(): array
    {
        $door = $this->chosenOpening();
        $like = $door === null ? null : EntranceSteps::nearest($door, $this->home);
        if ($like !== null) {
            return array_map($this->typed(...), [$like->highest, $like->tread, $like->landing, $like->margin]);
        }

        return $this->isImperial()
            ? ['7"', '11"', '36"', '6"']
            : [$this->typed(170.0), $this->typed(280.0), $this->typed(900.0), $this->typed(150.0)];
    }

    /**
     * @return array{string, string, string, string} slope, width, landing and rise of a run that an entrance ramp begins with, as they
     *                                               are typed (common practice, no source)
     */
    public function usualRamp(): array
    {
        return $this->isImperial()
            ? ['12', '48"', '60"', '30"']
            : ['12', $this->typed(1200.0), $this->typed(1500.0), $this->typed(500.0)];
    }

    /**
     * @return list<array{string, string, string|null}> title, length and rise of each part of the chosen ramp, as they are typed; a landing
     *                                                  has no rise
     */
    public function rampParts(): array
    {
        $ramp = $this->chosen?->element;
        $typed = fn(?float $mm): string => $mm === null ? '' : $this->typed($mm);
        $titles = ['run' => 0, 'landing' => 0];
        $parts = [];
        foreach ($ramp instanceof Ramp ? $ramp->parts : [] as $part) {
            $parts[] = $part instanceof RampRun
                ? ['Run '.++$titles['run'], $typed($part->length), $typed($part->rise), array_map($typed, $part->edges ?? [null, null])]
                : ['Landing '.++$titles['landing'], $typed($part->depth), null, []];
        }

        return $parts;
    }

    /** @return array{string, string} width and height of a usual roof window, as they are typed (common practice, no source) */
    public function usualRoofWindow(): array
    {
        return $this->isImperial() ? ['30"', '46"'] : [$this->typed(780.0), $this->typed(1180.0)];
    }

    /** How high the underside of a soffit begins, as it is typed (common practice, no source). */
    public function usualSoffit(): string
    {
        return $this->isImperial() ? "7'-0\"" : $this->typed(2100.0);
    }

    /** The highest that a riser may usually be, mm (R311.7.5.1; Approved Document K 220 mm is seldom used up). */
    public function usualRiser(): float
    {
        return $this->isImperial() ? 196.85 : 190.0;
    }

    public function usualBeam(): string
    {
        return $this->isImperial() ? '6"' : $this->typed(200.0);
    }

    private function isImperial(): bool
    {
        return $this->scheme->layout->units === UnitSystem::Imperial;
    }

    private function chosenVoid(): ?FloorVoid
    {
        foreach ($this->isChosen('voids') ? $this->home->layout->storey($this->storey)->voids ?? [] : [] as $void) {
            if ($void->id === $this->chosen?->id()) {
                return $void;
            }
        }

        return null;
    }

    private function chosenStair(): ?PlacedStair
    {
        return $this->isChosen('stairs') ? $this->home->stair($this->chosen?->id() ?? '') : null;
    }

    private function chosenWall(): ?Wall
    {
        $id = $this->chosen?->element instanceof Opening ? $this->chosen->element->wall : $this->chosen?->id();

        return $id !== null ? $this->scheme->layout->storey($this->storey)?->wall($id) : null;
    }

    /** @return list<Finding> what wants looking at, of the chosen element first; of a draft without what is of the home as a whole */
    public function findings(): array
    {
        $open = array_values(array_filter($this->open(), fn(Finding $finding): bool => !$this->isNotDrawnYet($finding)));
        $id = $this->chosen?->id();
        usort($open, static fn(Finding $a, Finding $b): int => ($b->subject->id() === $id) <=> ($a->subject->id() === $id));

        return $open;
    }

    /** @return list<Finding> of a draft: what is of the home as a whole, and may only not be drawn yet */
    public function notDrawnYet(): array
    {
        return array_values(array_filter($this->open(), $this->isNotDrawnYet(...)));
    }

    private function isNotDrawnYet(Finding $finding): bool
    {
        return $this->scheme->isDraft() && in_array($finding->subject->type(), [SubjectType::Dwelling, SubjectType::Storey], true);
    }

    /** @return list<Finding> */
    private function open(): array
    {
        return array_values(array_filter(
            $this->report()->worstFirst(),
            static fn(Finding $finding): bool => $finding->verdict()->isOpen(),
        ));
    }

    /** @return list<OpenItem> of the letter that is out */
    public function letterItems(): array
    {
        return LetterProgress::of($this->scheme)?->items($this->report()) ?? [];
    }

    /** @return list<ListedBook> that a draft may be held against */
    public function books(): array
    {
        return $this->check->listed();
    }

    /** @return list<string> of those that it is held against */
    public function bookTitles(): array
    {
        return array_map(fn(string $id): string => $this->check->book($id)->title, $this->scheme->project->books);
    }

    /** @return list<Finding> all that was asked of the chosen element, the open ones first */
    public function findingsOfChosen(): array
    {
        return array_values(array_filter($this->report()->worstFirst(), $this->isOfChosen(...)));
    }

    public function isOfChosen(Finding $finding): bool
    {
        return $this->chosen !== null && $finding->subject->id() === $this->chosen->id();
    }

    /** @return array{string|null, string} what would be undone, null: nothing; and what is said of it */
    public function undo(): array
    {
        $last = ChangeScheme::lastDone($this->scheme, ['words', 'folded']);
        $words = $last?->folded === null ? $this->sentence($last?->words) : null;

        return [
            $words,
            $words
                ?? (
                    $last === null ? 'Nothing to undo' : 'What was handed in more than '.FoldEdits::DAYS.' days ago is not undone any more'
                ),
        ];
    }

    public function redoWords(): ?string
    {
        return $this->sentence(ChangeScheme::firstUndone($this->scheme, ['words'])?->words);
    }

    /** The distance by which an arrow key moves a fixture, mm. */
    public function step(): float
    {
        return $this->scheme->layout->units === UnitSystem::Imperial ? 25.4 : 10.0;
    }

    /** What the next wall is likely to be. */
    public function usualType(): string
    {
        return ($this->home->plans[$this->storey] ?? null)?->storey->walls === [] ? 'exterior' : 'interior';
    }

    /** @return array<string, string> the thickness of each type of wall: as it was drawn last, else as is usual */
    public function thicknesses(): array
    {
        return array_map($this->typed(...), UsualWalls::thicknesses($this->scheme->layout));
    }

    private static function find(Scheme $scheme, string $id): ?DraftElement
    {
        try {
            return $id === '' ? null : (new Draft($scheme->layout))->find($id);
        } catch (RefusedEdit) {
            return null;
        }
    }
}
