<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Chain;
use Heurema\Drafting\NamedLevel;
use Heurema\Drafting\SeenOpening;
use Heurema\Drafting\Stop;
use Heurema\Drafting\UprightView;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Projection\Facet;

/**
 * A face or a section of a home: what is cut, what is seen, the ground, heights in rows at the left, named levels at the right, lengths
 * below, findings by their numbers. User units are mm, upwards negative.
 */
final readonly class UprightDrawing
{
    /** Rows of dimensions, letters and rows of the names of levels, and what is drawn of the ground, px. */
    private const ROW = 26.0;
    private const LETTER = 6.8;
    private const LEVEL = 15.0;
    private const EARTH = 14.0;

    /** Storeys whose openings have a row of their own. */
    private const MOST_ROWS = 3;

    /** @var list<NamedLevel> */
    private array $levels;

    /**
     * @param float                   $scale mm under a pixel
     * @param list<array{int, Point}> $marks findings by their numbers, and where
     */
    public function __construct(
        private UprightView $view,
        private DimensionStyle $style,
        private float $scale,
        private array $marks = [],
    ) {
        $this->levels = $view->levels();
    }

    /** Around all of it, mm. */
    public function box(): Box
    {
        $box = $this->view->box;
        $row = self::ROW * $this->scale;
        $bottom = min([$this->bottom(), $box->bottom]);
        $labels = $this->labels();
        $top = max($box->top, $labels === [] ? $box->top : max($labels));

        return new Box(
            $box->left - 4.4 * $row,
            $bottom - ($this->acrossRows() + 1) * $row,
            $box->right + ($this->widthOfLevels() + 2.6 * self::ROW) * $this->scale,
            $top + $row,
        );
    }

    public function draw(): string
    {
        $isSection = $this->view->cuts !== [];
        $drawn = [
            $isSection ? $this->ground() : '',
            ...array_map($this->pane(...), $this->view->panes),
            ...array_map(ProjectedBody::cut(...), $this->view->cuts),
            ...array_map(ProjectedBody::line(...), $this->view->lines),
            // the ground lies before a face
            $isSection ? '' : $this->ground(),
        ];

        return Svg::element('g', ['class' => 'upright'], implode('', $drawn))
            .$this->dimensions().$this->levelMarks().implode(
                '',
                array_map(static fn(array $mark): string => FindingMark::draw(...$mark), $this->marks),
            );
    }

    private function pane(Facet $facet): string
    {
        return Svg::element('path', ['class' => 'pane', 'd' => ProjectedBody::outline($facet)]);
    }

    private function ground(): string
    {
        $line = $this->view->ground;
        if ($line === []) {
            return '';
        }
        $deep = self::EARTH * $this->scale;
        $below = array_map(static fn(Point $one): Point => new Point($one->x, $one->y - $deep), array_reverse($line));

        return Svg::element('path', ['class' => 'earth', 'd' => Svg::line([...$line, ...$below]).'Z'])
            .Svg::element('path', ['class' => 'ground-line', 'd' => Svg::line($line)]);
    }

    private function dimensions(): string
    {
        $write = fn(float $mm): string => $this->style->lengths->write($mm, $this->view->home->layout);
        $chains = new ChainDrawing($this->scale, $write, look: $this->style->look);
        $rows = [
            $this->up(-1.4, array_merge(...array_map(
                static fn(SeenOpening $one): array => [$one->sill, $one->head],
                $this->view->openings,
            ))),
            $this->up(-2.8, $this->storeyHeights()),
        ];
        $below = [...$this->openingRows(), [$this->view->box->left, $this->view->box->right]];
        foreach ($below as $number => $stops) {
            $y = min($this->bottom(), $this->view->box->bottom) - ($number + 1.4) * self::ROW * $this->scale;
            $rows[] = $this->chain(new Segment(new Point(0.0, $y), new Point(1.0, $y)), $stops);
        }

        return implode('', array_map(static fn(Chain $row): string => $chains->draw($row->parts()), $rows));
    }

    /** @return list<float> of floors, ceilings and tops, those of the rooms' boards and sills left aside */
    private function storeyHeights(): array
    {
        $heights = [$this->view->highest, ...$this->view->ground === [] ? [] : [$this->view->ground[0]->y]];
        foreach ($this->view->home->layout->storeys as $storey) {
            $floor = $storey->elevation;
            $heights = [
                ...$heights,
                ...$floor === null ? [] : [$floor],
                ...$floor === null || $storey->ceiling === null ? [] : [$floor + $storey->ceiling],
            ];
        }

        return $heights;
    }

    /** @return list<list<float>> where openings begin and end across, by storey, the lowest first */
    private function openingRows(): array
    {
        $rows = [];
        foreach ($this->view->home->layout->storeys as $storey) {
            $ends = array_merge(...array_map(
                static fn(SeenOpening $one): array => $one->opening->storey() === $storey->id ? [$one->left, $one->right] : [],
                $this->view->openings,
            ));
            $rows = [...$rows, ...$ends === [] ? [] : [[$this->view->box->left, ...$ends, $this->view->box->right]]];
        }

        return array_slice($rows, 0, self::MOST_ROWS);
    }

    private function acrossRows(): int
    {
        return count($this->openingRows()) + 1;
    }

    /** @param list<float> $stops heights */
    private function up(float $row, array $stops): Chain
    {
        $x = $this->view->box->left + $row * self::ROW * $this->scale;

        return $this->chain(new Segment(new Point($x, 0.0), new Point($x, 1.0)), $stops);
    }

    /** @param list<float> $stops */
    private function chain(Segment $line, array $stops): Chain
    {
        return new Chain($line, array_map(static fn(float $stop): Stop => new Stop($stop), $stops));
    }

    /** Below all that is drawn of the home and the ground, mm. */
    private function bottom(): float
    {
        $ground = array_map(static fn(Point $one): float => $one->y, $this->view->ground);

        return $ground === [] ? $this->view->box->bottom : min($ground) - self::EARTH * $this->scale;
    }

    private function levelMarks(): string
    {
        $right = $this->view->box->right + 1.4 * self::ROW * $this->scale;
        $labels = $this->labels();
        $drawn = '';
        foreach ($this->levels as $number => $level) {
            $text = $this->levelText($level);
            $elbow = $right + self::ROW * $this->scale;
            $drawn .= Svg::element('path', ['class' => 'level-line', 'd' => Svg::line([
                new Point($right, $level->height), new Point($right + 8 * $this->scale, $level->height),
                new Point($elbow - 8 * $this->scale, $labels[$number]), new Point($elbow, $labels[$number]),
            ])]).Svg::pinned(
                new Point($elbow, $labels[$number]),
                'level-name',
                Svg::element('text', ['x' => 4, 'y' => 4], Svg::text($text)),
            );
        }

        return $drawn;
    }

    private function levelText(NamedLevel $level): string
    {
        return $this->height($level->height).'  '.$this->view->home->wording()->say($level->name);
    }

    /** Px. */
    private function widthOfLevels(): float
    {
        return self::LETTER * max([0, ...array_map(fn(NamedLevel $one): int => mb_strlen($this->levelText($one)), $this->levels)]);
    }

    /** @return list<float> how high the name of each level is written, none over another */
    private function labels(): array
    {
        $heights = [];
        $last = -INF;
        foreach ($this->levels as $level) {
            $last = max($level->height, $last + self::LEVEL * $this->scale);
            $heights[] = $last;
        }

        return $heights;
    }

    private function height(float $mm): string
    {
        $sign = match (true) {
            abs($mm) < 0.5 => '±',
            $mm > 0.0 => '+',
            default => '−',
        };

        // a rounded length has its sign before it
        return (string) preg_replace('/^(≈ )?/u', "$1{$sign}", $this->style->lengths->write(abs($mm), $this->view->home->layout), 1);
    }

}
