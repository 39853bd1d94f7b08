<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Ring;
use Heurema\Geometry\Tolerance;
use Heurema\Kitchen\WorktopJoint;
use Heurema\Layout\Axis;
use Heurema\Layout\Block;
use Heurema\Layout\Fixture;
use Heurema\Layout\FloorOpening;
use Heurema\Layout\Guard;
use Heurema\Layout\Note;
use Heurema\Layout\SectionLine;
use Heurema\Layout\Soffit;
use Heurema\Layout\Terrace;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\JoinedWall;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\StoreyPlan;

/** The plan of one storey as SVG layers, from the floor up. */
final readonly class PlanDrawing
{
    /** A hidden joint of a worktop ends so far from its edges, mm. */
    private const JOINT_ENDS = 8.0;

    private const ON_CEILING = [
        FixtureKind::Column, FixtureKind::Lamp, FixtureKind::SmokeAlarm, FixtureKind::CoAlarm, FixtureKind::CeilingAccess,
    ];

    public function __construct(
        private Home $home,
        private StoreyPlan $plan,
        private LabelPlace $labels,
        private DimensionStyle $style = new DimensionStyle(),
        private PlanLayers $show = PlanLayers::Complete,
    ) {}

    /**
     * @param string          $handles what lies between the walls and their openings for the pointer to take hold of
     * @param FreePlaces|null $places  those of this plan, with what else is written on it; dimensions and marks are taken there
     */
    public function layers(string $handles = '', ?FreePlaces $places = null): string
    {
        $dimensions = new PlanDimensions($this->home, $this->plan, $this->style, $this->labels->scale);
        $places ??= $this->places();
        $here = fn(PlacedOpening|PlacedFixture $placed): bool => $placed->storey() === $this->plan->storey->id;
        $openings = array_values(array_filter($this->home->openings, $here));
        $fixtures = array_values(array_filter($this->home->fixtures, $here));
        // the largest first, so that a sink lies on its counter and not under it
        usort(
            $fixtures,
            static fn(PlacedFixture $a, PlacedFixture $b): int => ($b->outline?->area() ?? 0.0) <=> ($a->outline?->area() ?? 0.0),
        );

        $fixtures = array_values(array_filter($fixtures, $this->isShown(...)));
        [$hasSwings, $hasSlopes] = [!$this->style->hides(PlanLayer::Swings), !$this->style->hides(PlanLayer::Levels)];
        $isColumn = static fn(PlacedFixture $one): bool => $one->fixture->kind === FixtureKind::Column;

        return implode('', [
            $this->layer('terraces', array_map($this->terrace(...), $this->plan->storey->terraces)),
            $this->layer('rooms', array_map($this->room(...), array_values($this->plan->rooms))),
            $this->layer('axes', array_map(
                static fn(Axis $axis): string => (new AxisDrawing($axis))->draw(),
                $this->style->hides(PlanLayer::Structure) ? [] : $this->home->layout->axes,
            )),
            // beneath what is built, which is what one points at
            $this->layer('sections', array_map(
                static fn(SectionLine $one): string => (new SectionLineDrawing($one))->line(),
                $this->home->layout->sections,
            )),
            $this->layer(
                'blocks',
                array_map(fn(Block $block): string => (new BlockDrawing($block, $this->home))->draw(), $this->plan->storey->blocks),
            ),
            $this->layer('stairs', [...array_map($this->stair(...), $this->home->stairs), ...$this->ramps()]),
            $this->layer(
                'fixtures',
                [
                    ...array_map($this->fixture(...), array_filter($fixtures, static fn(PlacedFixture $one): bool => !$isColumn($one))),
                    ...self::joints($fixtures),
                ],
            ),
            $this->layer('walls', [$this->walls(), $this->ghosts()]),
            $handles,
            // a column is seen in its wall
            $this->layer('columns', array_map($this->fixture(...), array_filter($fixtures, $isColumn))),
            $this->layer(
                'openings',
                array_map(static fn(PlacedOpening $opening): string => (new OpeningSymbol($opening, $hasSwings))->draw(), $openings),
            ),
            $this->layer(
                'above',
                [
                    ...array_map(self::void(...), $this->plan->storey->voids),
                    ...array_map(self::soffit(...), $this->plan->storey->soffits),
                    ...array_map(self::guard(...), $this->plan->storey->guards),
                    ...array_map(
                        static fn(PlacedOpening $window): string => (new RoofWindowSymbol($window))->draw(),
                        array_filter($this->home->roofWindows, $here),
                    ),
                    ...array_map(
                        fn(RoomSpace $room): string => (new CeilingSlope($room, $this->home, $hasSlopes))->draw(),
                        array_values($this->plan->rooms),
                    ),
                ],
            ),
            $this->layer(
                'labels',
                [
                    ...array_map($this->label(...), array_values($this->plan->rooms)),
                    ...array_map(self::note(...), $this->plan->storey->notes),
                    (new GroundLevels($this->home, $this->plan->storey->id))->draw(),
                ],
            ),
            $this->layer('sections', array_map(
                static fn(SectionLine $one): string => (new SectionLineDrawing($one))->names(),
                $this->home->layout->sections,
            )),
            $this->layer('dimensions', $this->show->hasDimensions() ? $dimensions->draw($places) : []),
            $this->layer(
                'element-marks',
                (new MarkLabels($this->home, $this->plan, $this->labels, $this->style, $this->show))->draw($places),
            ),
        ]);
    }

    /** What is written on the plan before dimensions and marks find their places, and the walls. */
    public function places(): FreePlaces
    {
        $places = new FreePlaces(60.0 * $this->labels->scale);
        foreach ($this->show->shows('labels') ? $this->plan->rooms : [] as $room) {
            array_map($places->take(...), $this->labels->of($room)->boxes($this->labels->scale));
        }
        array_map($places->take(...), $this->labels->texts($this->plan->storey->id));
        $obstacles = new PlanObstacles($this->home, $this->plan, $this->style, $this->labels->scale);
        foreach ($obstacles->walls() as $wall) {
            $places->avoid(FreePlaces::WALL, $wall);
        }

        return $places;
    }

    /** What is not hidden; on a plan of the ceiling, what hangs there and what it depends on. */
    private function isShown(PlacedFixture $placed): bool
    {
        $layer = PlanLayer::of($placed->fixture->kind);

        return ($layer === null || !$this->style->hides($layer))
            && ($this->show !== PlanLayers::Ceiling || in_array($placed->fixture->kind, self::ON_CEILING, true));
    }

    /** @param array<string> $content */
    private function layer(string $name, array $content): string
    {
        return $this->show->shows($name) ? Svg::element('g', ['class' => "layer-{$name}"], implode('', $content)) : '';
    }

    private function room(RoomSpace $room): string
    {
        $outline = $room->outline();

        return $outline === null ? '' : Svg::element('path', [
            'class' => 'room',
            'd' => Svg::path($outline),
            'data-subject' => $room->id(),
            'data-use' => $room->room->use?->value,
            'fill-rule' => 'evenodd',
        ]);
    }

    private function label(RoomSpace $room): string
    {
        $label = $this->labels->of($room);
        if ($this->show === PlanLayers::Ceiling) {
            return $label->saying([$this->ceiling($room)])->draw();
        }
        $nearer = $this->labels->nearer($room);

        return $nearer === null ? $label->draw() : implode('', [
            Svg::seen($nearer[1], INF, $label->draw(), $this->labels->scale),
            Svg::seen(0.0, $nearer[1], $nearer[0]->draw(), $this->labels->scale),
        ]);
    }

    /** How high a room is, as far as that is one number. */
    private function ceiling(RoomSpace $room): string
    {
        $ceiling = $room->ceiling();

        return match (true) {
            is_float($ceiling) => __('ceiling :ceiling', ['ceiling' => $this->home->length($ceiling)]),
            $ceiling === null => __('ceiling not known'),
            default => __('ceiling :low to :high', [
                'low' => $this->home->length($ceiling->low),
                'high' => $this->home->length($ceiling->high),
            ]),
        };
    }

    private function walls(): string
    {
        $path = implode('', array_map(Svg::path(...), $this->plan->mass->solids));
        $dividers = array_filter($this->plan->storey->walls, static fn(Wall $wall): bool => $wall->isOpenBoundary() && $wall->stands());

        return Svg::element('path', ['class' => 'wall', 'd' => $path, 'fill-rule' => 'evenodd'])
            .$this->existing()
            .implode(
                '',
                array_map(
                    static fn(Wall $wall): string => Svg::element(
                        'path',
                        ['class' => 'low-wall', 'd' => Svg::path((new JoinedWall($wall, $wall->line()))->body())],
                    ),
                    array_filter($this->plan->storey->walls, $this->isLow(...)),
                ),
            )
            .implode(
                '',
                array_map(
                    static fn(Wall $wall): string => Svg::element(
                        'path',
                        ['class' => 'divider', 'd' => Svg::line([$wall->from, $wall->to])],
                    ),
                    $dividers,
                ),
            );
    }

    /** What stood there before new walls is lighter than these. */
    private function existing(): string
    {
        $bodies = $this->plan->isAltered() ? $this->plan->existingBodies() : [];

        return $bodies === []
            ? ''
            : Svg::element('path', ['class' => 'wall-existing', 'd' => implode('', array_map(Svg::path(...), $bodies))]);
    }

    /** A wall that one looks over is drawn by its edges alone. */
    private function isLow(Wall $wall): bool
    {
        return $wall->stands()
            && !$wall->isOpenBoundary()
            && $wall->height !== null
            && ($this->plan->storey->ceiling === null || $wall->height < $this->plan->storey->ceiling - Tolerance::TOUCH);
    }

    /** What is to be removed, drawn faintly. */
    private function ghosts(): string
    {
        $walls = array_filter($this->plan->storey->walls, static fn(Wall $wall): bool => !$wall->stands());
        $fixtures = array_filter($this->plan->storey->fixtures, static fn(Fixture $fixture): bool => !$fixture->stands());
        $outlines = array_map(fn(Fixture $fixture): ?Ring => (new PlacedFixture($fixture, $this->plan))->outline, $fixtures);

        return implode('', [
            ...array_map(
                static fn(Wall $wall): string => Svg::element('path', ['class' => 'ghost', 'd' => Svg::line([$wall->from, $wall->to])]),
                $walls,
            ),
            ...array_map(
                static fn(?Ring $ring): string => $ring === null ? '' : Svg::element('path', ['class' => 'ghost', 'd' => Svg::path($ring)]),
                $outlines,
            ),
        ]);
    }

    private function fixture(PlacedFixture $fixture): string
    {
        return (new FixtureSymbol($fixture))->draw();
    }

    /**
     * What hides the lines between the legs of worktops of one piece.
     *
     * @param list<PlacedFixture> $fixtures
     *
     * @return list<string>
     */
    private static function joints(array $fixtures): array
    {
        $tops = array_values(array_filter($fixtures, static fn(PlacedFixture $one): bool => $one->fixture->onePiece === true));
        $hidden = [];
        foreach ($tops as $number => $top) {
            foreach (array_slice($tops, $number + 1) as $other) {
                $joint = WorktopJoint::between($top, $other);
                $ends = $joint === null ? [] : [$joint->at(self::JOINT_ENDS), $joint->reversed()->at(self::JOINT_ENDS)];
                $hidden = [...$hidden, ...$ends === [] ? [] : [Svg::element('path', ['class' => 'joint', 'd' => Svg::line($ends)])]];
            }
        }

        return $hidden;
    }

    /** @return list<string> */
    private function ramps(): array
    {
        $here = array_filter($this->home->ramps, fn(PlacedRamp $ramp): bool => $ramp->plan === $this->plan);

        return array_values(array_map(static fn(PlacedRamp $ramp): string => (new RampSymbol($ramp))->draw(), $here));
    }

    private function stair(PlacedStair $stair): string
    {
        $storey = $this->plan->storey->id;

        return $storey === $stair->storey() || $storey === $stair->to->id ? (new StairSymbol($stair, $storey, $this->home))->draw() : '';
    }

    private static function void(FloorOpening $void): string
    {
        return Svg::element('path', ['class' => 'void', 'd' => Svg::path($void->outline), 'data-subject' => $void->id]);
    }

    private function terrace(Terrace $terrace): string
    {
        $name = FixedTexts::terrace($terrace, $this->home);

        return Svg::element('path', ['class' => 'terrace', 'd' => Svg::path($terrace->outline), 'data-subject' => $terrace->id])
            .Svg::pinned($name->at, 'terrace-name', $name->element());
    }

    private static function soffit(Soffit $soffit): string
    {
        return Svg::element('path', ['class' => 'soffit', 'd' => Svg::path($soffit->outline), 'data-subject' => $soffit->id]);
    }

    private static function guard(Guard $guard): string
    {
        $line = ['d' => Svg::line($guard->line)];

        return Svg::element(
            'g',
            ['class' => 'guard-place', 'data-subject' => $guard->id],
            Svg::element('path', ['class' => 'guard-hold', ...$line]).Svg::element('path', ['class' => 'guard', ...$line]),
        );
    }

    private static function note(Note $note): string
    {
        return Svg::element(
            'g',
            ['class' => 'note-place', 'data-subject' => $note->id],
            Svg::pinned($note->at, 'note', (new PlanText($note->at, $note->text))->element()),
        );
    }
}
