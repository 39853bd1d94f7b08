<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Chain;
use Heurema\Drafting\Dimension;
use Heurema\Drafting\ElevationFixture;
use Heurema\Drafting\ElevationOpening;
use Heurema\Drafting\Stop;
use Heurema\Drafting\WallElevation;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Spatial\Home;

/** A wall seen from the front, with its dimensions across below it and upwards at its sides. User units are mm, x along the wall. */
final readonly class ElevationDrawing
{
    /** Rows of dimensions, px, and the room around them. */
    private const ROW = 26.0;
    private const AROUND = 3.5;

    /** What is chosen is taken hold of with the pointer and the keys. */
    /**
     * @param float                 $scale mm under a pixel
     * @param array<string>            $marks    of openings and fixtures, by id
     * @param list<array{int, Point}>  $findings by their numbers, and where
     * @param string                   $chosen   id of what is shown to be chosen
     */
    public function __construct(
        private WallElevation $wall,
        private Home $home,
        private DimensionStyle $style,
        private float $scale,
        private array $marks = [],
        private array $findings = [],
        private string $chosen = '',
    ) {}

    /** Around all of it, mm. */
    public function box(): Box
    {
        $around = self::AROUND * self::ROW * $this->scale;

        [$left, $right] = $this->wall->cuts;

        return new Box(
            -$around - ($left ?? 0.0),
            -$around,
            $this->wall->length() + $around + ($right ?? 0.0),
            $this->wall->height() + self::ROW * $this->scale,
        );
    }

    /**
     * As a picture of its own on a page.
     *
     * @param string   $label for whoever does not see it
     * @param Box|null $part  what is shown of it; null: all
     */
    public function figure(string $label, string $role = 'img', ?Box $part = null): string
    {
        $part ??= $this->box();

        return Svg::element('svg', [
            'class' => 'elevation-drawing',
            'data-scale' => Svg::number($this->scale),
            'width' => (string) round($part->width() / $this->scale),
            'height' => (string) round($part->height() / $this->scale),
            'viewBox' => Svg::viewBox($part),
            'role' => $role,
            'aria-label' => $label,
        ], $this->draw());
    }

    public function draw(): string
    {
        return Svg::element('g', ['class' => 'elevation'], implode('', [
            $this->face(),
            ...array_map($this->opening(...), $this->wall->openings),
            ...array_map($this->fixture(...), $this->wall->fixtures),
            ...array_map($this->soffit(...), $this->wall->soffits),
            $this->outline(),
            $this->cut($this->wall->cuts[0], true),
            $this->cut($this->wall->cuts[1], false),
            (new ElevationMarks($this->wall, $this->marks, $this->scale, $this->findings))->draw(),
        ])).$this->dimensions().implode('', array_map(static fn(array $one): string => FindingMark::draw(...$one), $this->findings));
    }

    private function face(): string
    {
        $tiles = min($this->wall->tiles ?? 0.0, $this->wall->height());

        return Svg::element('path', ['class' => $this->wall->isOpen ? 'face-open' : 'face', 'd' => $this->border()])
            .($tiles > 0.0 ? $this->rectangle('tiles', 0.0, $this->wall->length(), 0.0, $tiles) : '');
    }

    /** Its sides and its ceiling, and the floor. */
    private function outline(): string
    {
        $length = $this->wall->length();

        return ($this->wall->isOpen ? '' : Svg::element('path', ['class' => 'outline', 'd' => $this->border()]))
            .Svg::element('path', ['class' => 'floor-line', 'd' => 'M0 0H'.Svg::number($length)]);
    }

    private function border(): string
    {
        $top = $this->wall->ceiling === []
            ? [[0.0, $this->wall->height()], [$this->wall->length(), $this->wall->height()]]
            : $this->wall->ceiling;
        $points = [new Point(0.0, 0.0), ...array_map(static fn(array $at): Point => new Point($at[0], $at[1]), $top)];

        return Svg::line([...$points, new Point($this->wall->length(), 0.0)]).'Z';
    }

    private function opening(ElevationOpening $one): string
    {
        $head = $one->head ?? min($this->wall->height(), $one->sill + 2000.0);
        $class = 'opening-frame'.($one->head === null ? ' opening-unknown' : '');
        $inset = min(60.0, ($one->right - $one->left) / 6);
        $isWindow = $one->opening->opening->kind === OpeningKind::Window;
        $inner = $one->opening->opening->kind === OpeningKind::Bare || $this->wall->isOpen
            ? ''
            : $this->rectangle(
                'opening-inner',
                $one->left + $inset,
                $one->right - $inset,
                $one->sill + ($isWindow ? $inset : 0.0),
                $head - $inset,
            );

        return Svg::element(
            'g',
            ['data-subject' => $one->opening->id()],
            Svg::element('title', [], Svg::text($one->opening->name())).$this->rectangle(
                $class,
                $one->left,
                $one->right,
                $one->sill,
                $head,
            ).$inner,
        );
    }

    private function fixture(ElevationFixture $one): string
    {
        $class = $one->isAtWall ? 'fixture' : 'fixture-before';
        $bodies = array_map(fn(array $body): string => $this->rectangle($class, ...$body), $one->bodies);

        return Svg::element(
            'g',
            ['data-subject' => $one->fixture->id(), ...$one->fixture->id() === $this->chosen ? [
                'class' => 'fixture-chosen',
                'tabindex' => '0',
                'role' => 'application',
                'aria-label' => __('What is chosen: arrow keys move it along the wall and up'),
            ] : []],
            Svg::element('title', [], Svg::text($one->fixture->name())).implode('', $bodies)
                .(new CabinetFront($one, $this->wall->face))->draw(),
        );
    }

    /** A wall that meets it in a corner, cut. */
    private function cut(?float $thickness, bool $isLeft): string
    {
        $ceiling = $this->wall->ceiling;
        $top = $ceiling === [] ? $this->wall->height() : $ceiling[$isLeft ? 0 : count($ceiling) - 1][1];

        return match (true) {
            $thickness === null => '',
            $isLeft => $this->rectangle('wall-cut', -$thickness, 0.0, 0.0, $top),
            default => $this->rectangle('wall-cut', $this->wall->length(), $this->wall->length() + $thickness, 0.0, $top),
        };
    }

    /** @param array{float, float, float} $soffit */
    private function soffit(array $soffit): string
    {
        [$left, $right, $underside] = $soffit;

        return $this->rectangle('soffit-cut', $left, $right, $underside, max($underside, $this->wall->height()));
    }

    private function rectangle(string $class, float $left, float $right, float $bottom, float $top): string
    {
        return Svg::element('path', ['class' => $class, 'd' => Svg::line([
            new Point($left, $bottom), new Point($right, $bottom), new Point($right, $top), new Point($left, $top),
        ]).'Z']);
    }

    private function dimensions(): string
    {
        $write = fn(float $mm): string => $this->style->lengths->write($mm, $this->home->layout);
        $chains = new ChainDrawing($this->scale, $write, look: $this->style->look);
        $across = array_values(array_filter([
            $this->stops(array_merge(...array_map(
                static fn(ElevationOpening $one): array => [$one->left, $one->right],
                $this->wall->openings,
            ))),
            $this->stops(array_merge(...array_map(
                static fn(ElevationFixture $one): array => $one->isAtWall ? [$one->left(), $one->right()] : [],
                $this->wall->fixtures,
            ))),
            [0.0, $this->wall->length()],
        ], static fn(array $stops): bool => $stops !== []));
        $rows = [
            ...array_map(fn(array $stops, int $row): array => $this->across($row + 1, $stops), $across, array_keys($across)),
            $this->up(-1.2, [
                ...array_merge(
                    ...array_map(static fn(ElevationOpening $one): array => [$one->sill, $one->head ?? $one->sill], $this->wall->openings),
                ),
                ...$this->wall->ceiling === [] ? [] : [$this->wall->ceiling[0][1]],
            ]),
            $this->up(1.2, [
                ...array_merge(...array_map(
                    static fn(ElevationFixture $one): array => $one->isAtWall ? [$one->bottom(), $one->top()] : [],
                    $this->wall->fixtures,
                )),
                ...$this->wall->ceiling === [] ? [] : [$this->wall->ceiling[count($this->wall->ceiling) - 1][1]],
            ]),
        ];

        return implode('', array_map(static fn(array $row): string => $chains->draw($row), $rows));
    }

    /**
     * The ends of the wall with what begins and ends between them.
     *
     * @param list<float> $stops
     *
     * @return list<float> empty where nothing does
     */
    private function stops(array $stops): array
    {
        $between = array_filter($stops, fn(float $stop): bool => $stop > 0.5 && $stop < $this->wall->length() - 0.5);

        return $between === [] ? [] : [0.0, ...$stops, $this->wall->length()];
    }

    /**
     * A row below the wall.
     *
     * @param list<float> $stops
     *
     * @return list<Dimension>
     */
    private function across(int $row, array $stops): array
    {
        $y = -$row * self::ROW * $this->scale;

        return $this->chain(new Segment(new Point(0.0, $y), new Point($this->wall->length(), $y)), $stops);
    }

    /**
     * A row beside the wall, at its left when negative.
     *
     * @param list<float> $stops
     *
     * @return list<Dimension>
     */
    private function up(float $row, array $stops): array
    {
        [$left, $right] = $this->wall->cuts;
        $x = ($row > 0 ? $this->wall->length() + ($right ?? 0.0) : -($left ?? 0.0)) + $row * self::ROW * $this->scale;
        $above = array_filter($stops, static fn(float $stop): bool => $stop > 0.5);

        return $above === [] ? [] : $this->chain(new Segment(new Point($x, 0.0), new Point($x, max($above))), [0.0, ...$above]);
    }

    /**
     * @param list<float> $stops
     *
     * @return list<Dimension>
     */
    private function chain(Segment $line, array $stops): array
    {
        return (new Chain($line, array_map(static fn(float $stop): Stop => new Stop($stop), $stops)))->parts();
    }
}
