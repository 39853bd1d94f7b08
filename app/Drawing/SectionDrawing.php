<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\SectionCover;
use Heurema\Drafting\StairSection;
use Heurema\Geometry\Box;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Storey;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\CoverKind;
use Heurema\Spatial\Stair\OpeningEdge;

/**
 * An upright section along a stair: steps with their nosings, floors, what hangs over it, rails, the headroom that is wanted and the
 * critical place.
 */
final readonly class SectionDrawing
{
    private const MARGIN = 350.0;

    /** Heights above the head that are drawn, mm. */
    private const ABOVE_HEAD = 2700.0;

    /** How thick treads are drawn, mm. */
    private const TREAD = 40.0;

    /** How deep a stair is drawn below its treads, mm; it stands on the floor. */
    private const BODY = 280.0;

    /** @param float|null $headroom what is wanted, mm; null: nothing is held against it */
    public function __construct(private StairSection $section, private Home $home, private ?float $headroom) {}

    public function draw(): string
    {
        $box = $this->box();

        return Svg::element('svg', [
            'viewBox' => implode(' ', array_map(Svg::number(...), [$box->left, -$box->top, $box->width(), $box->height()])),
            'class' => 'section',
            'role' => 'img',
            'aria-label' => __('Section along :stair', ['stair' => $this->section->climb->stair->name()]),
        ], $this->content());
    }

    /** What is drawn, in mm along the section and above the floor that it starts from. */
    public function box(): Box
    {
        return new Box(
            $this->section->left() - self::MARGIN,
            -($this->footThickness() + self::MARGIN),
            $this->section->right() + self::MARGIN,
            $this->section->climb->top() + self::ABOVE_HEAD,
        );
    }

    public function content(): string
    {
        return implode('', [
            $this->floors(),
            implode('', array_map($this->cover(...), $this->section->covers)),
            $this->steps(),
            $this->nosingLines(),
            $this->rails(),
            $this->riseDimension(),
            $this->openingStart(),
            $this->critical(),
        ]);
    }

    private function footThickness(): float
    {
        return $this->section->climb->stair->from->floorThickness ?? 250.0;
    }

    private function floors(): string
    {
        $stair = $this->section->climb->stair;
        $foot = Svg::element(
            'path',
            [
                'class' => $stair->from === null ? 'ground' : 'slab',
                'd' => self::rectangle(
                    $this->section->left(),
                    $stair->from === null ? $this->section->run : $this->section->right(),
                    0.0,
                    -$this->footThickness(),
                ),
            ],
        );
        $head = Svg::element(
            'path',
            [
                'class' => 'slab',
                'd' => self::rectangle(
                    $this->section->run,
                    $this->section->right(),
                    $this->section->climb->top(),
                    $this->section->climb->top() - ($stair->to->floorThickness ?? 250.0),
                ),
            ],
        );

        return $foot.$head.$this->floorName($stair->to, $this->section->climb->top())
            .($stair->from === null ? '' : $this->floorName($stair->from, 0.0));
    }

    private function floorName(Storey $storey, float $level): string
    {
        $x = $level > 0 ? $this->section->right() : $this->section->left();

        return Svg::element(
            'text',
            ['class' => $level > 0 ? 'floor-name floor-name-end' : 'floor-name', 'x' => $x, 'y' => -$level - 40],
            Svg::text($storey->name),
        );
    }

    /** Floors above as thick as they are, everything else as the line of its underside. */
    private function cover(SectionCover $found): string
    {
        if ($found->cover->kind === CoverKind::Floor) {
            [$from, $to] = self::ends($found->underside);

            return Svg::element('path', ['class' => 'slab', 'd' => self::rectangle($from[0], $to[0], $found->cover->top, $from[1])]);
        }
        $points = implode('L', array_map(static fn(array $point): string => self::at($point[0], $point[1]), self::ends($found->underside)));

        return Svg::element(
            'path',
            ['class' => $found->cover->kind === CoverKind::Soffit ? 'section-soffit' : 'ceiling-line', 'd' => "M{$points}"],
            Svg::element('title', [], Svg::text($found->cover->name)),
        );
    }

    private function steps(): string
    {
        $section = $this->section;
        $nosing = $section->climb->stair->stair->nosing ?? 0.0;
        $isOpen = $section->climb->stair->stair->openRisers === true;
        $levels = $section->climb->levels;
        $profile = 'M'.self::at(0.0, 0.0);
        $treads = '';
        foreach ($section->steps as $step) {
            $profile .= 'V'.Svg::number(-$step->level).'H'.Svg::number($step->to);
            $treads .= Svg::element(
                'path',
                ['class' => 'tread', 'd' => self::rectangle($step->from - $nosing, $step->to, $step->level, $step->level - self::TREAD)],
            );
        }
        $profile .= 'V'.Svg::number(-$levels[count($levels) - 1]);
        $isOutside = $section->climb->stair->from === null;
        $under = $isOutside ? 'V0' : '';
        foreach ($isOutside ? [] : array_reverse($section->steps) as $step) {
            $under .= 'L'.self::at($step->to, max(0.0, $step->next - self::BODY)).'L'
                .self::at($step->from, max(0.0, $step->level - self::BODY));
        }

        return Svg::element('path', ['class' => $isOpen ? 'stair-body stair-open' : 'stair-body', 'd' => $profile.$under.'Z']).$treads;
    }

    /** The line over the nosings, and the headroom that is wanted above it. */
    private function nosingLines(): string
    {
        $points = [];
        foreach ($this->section->steps as $step) {
            array_push($points, [$step->from, $step->level], [$step->to, $step->next]);
        }
        array_unshift($points, [$this->section->left(), 0.0], [0.0, 0.0]);
        array_push($points, [$this->section->run, $this->section->climb->top()], [$this->section->right(), $this->section->climb->top()]);
        $line = static fn(float $above): string => 'M'
            .implode('L', array_map(static fn(array $point): string => self::at($point[0], $point[1] + $above), $points));

        $nosings = Svg::element('path', ['class' => 'nosing-line', 'd' => $line(0.0)]);

        return $this->headroom === null
            ? $nosings
            : $nosings.Svg::element('path', ['class' => 'headroom-line', 'd' => $line($this->headroom)]).Svg::element(
                'text',
                ['class' => 'headroom-name', 'x' => $this->section->left() + 60, 'y' => -$this->headroom - 40],
                Svg::text(__(':length wanted', ['length' => $this->home->length($this->headroom)])),
            );
    }

    private function rails(): string
    {
        $rails = '';
        $first = $this->section->steps[0] ?? null;
        foreach ($first === null ? [] : array_unique(array_filter(
            $this->section->climb->stair->stair->handrails->heights ?? [],
            is_float(...),
        )) as $height) {
            $points = array_map(
                static fn($step): string => self::at($step->from, $step->level + $height).'L'.self::at($step->to, $step->next + $height),
                $this->section->steps,
            );
            $rails .= Svg::element(
                'path',
                ['class' => 'rail', 'd' => 'M'.implode('L', $points)],
                Svg::element('title', [], Svg::text(__('Handrail :height', ['height' => $this->home->length($height)]))),
            );
        }
        foreach ($this->home->plans[$this->section->climb->stair->storey()]->guards() as $standing) {
            $height = $standing->guard->height;
            if ($height !== null && $first !== null && $standing->isAlong($this->section->climb->stair)) {
                $points = array_map(
                    static fn($step): string => self::at($step->from, $step->level + $height).'L'
                        .self::at($step->to, $step->next + $height),
                    $this->section->steps,
                );
                $rails .= Svg::element(
                    'path',
                    ['class' => 'rail rail-guard', 'd' => 'M'.implode('L', $points)],
                    Svg::element('title', [], Svg::text($standing->name())),
                );
            }
        }

        return $rails;
    }

    private function riseDimension(): string
    {
        $x = $this->section->right() + 200;
        $top = $this->section->climb->top();

        return $this->dimension($x, 0.0, $top, $this->home->length($top), 'section-dimension');
    }

    /** Where the opening in the floor above has to begin for the headroom that is wanted. */
    private function openingStart(): string
    {
        if ($this->section->climb->stair->from === null || $this->headroom === null) {
            return '';
        }
        $start = OpeningEdge::of($this->section->climb, $this->headroom);
        $number = $start instanceof OpeningEdge && $start->step !== null
            ? array_search($start->step, $this->section->climb->stair->shape->steps, true)
            : false;
        if (!$start instanceof OpeningEdge || $start->edge === null || $number === false) {
            return '';
        }
        $x = $this->section->steps[$number]->from
            + $this->section->climb->stair->shape->steps[$number]->front->middle()->distanceTo($start->edge->middle());
        $top = $this->section->climb->top();

        return Svg::element(
            'path',
            [
                'class' => 'opening-start',
                'd' => sprintf(
                    'M%1$s %2$sV%3$s',
                    Svg::number($x),
                    Svg::number(-$top - 450),
                    Svg::number(-$top + ($this->section->climb->stair->to->floorThickness ?? 0.0)),
                ),
            ],
        )
            .Svg::element(
                'text',
                ['class' => 'opening-name', 'x' => $x + 60, 'y' => -$top - 360],
                Svg::text(__('opening begins here at the latest')),
            );
    }

    /** Where it is lowest. */
    private function critical(): string
    {
        $lowest = $this->section->lowest;
        $x = $this->section->lowestX;
        if ($lowest === null || $x === null) {
            return '';
        }

        return $this->dimension(
            $x,
            $lowest->from,
            $lowest->from + $lowest->height,
            $this->home->length($lowest->height),
            $this->headroom !== null && $lowest->height < $this->headroom - Tolerance::TOUCH
                ? 'section-critical section-missed'
                : 'section-critical',
        );
    }

    private function dimension(float $x, float $from, float $to, string $text, string $class): string
    {
        $line = Svg::element(
            'path',
            [
                'd' => sprintf(
                    'M%1$s %2$sV%3$sM%4$s %2$sh120M%4$s %3$sh120',
                    Svg::number($x),
                    Svg::number(-$from),
                    Svg::number(-$to),
                    Svg::number($x - 60),
                ),
            ],
        );

        return Svg::element(
            'g',
            ['class' => $class],
            $line.Svg::element('text', ['x' => $x + 60, 'y' => -($from + $to) / 2], Svg::text($text)),
        );
    }

    private static function rectangle(float $from, float $to, float $top, float $bottom): string
    {
        return 'M'.self::at($from, $bottom).'L'.self::at($to, $bottom).'L'.self::at($to, $top).'L'.self::at($from, $top).'Z';
    }

    private static function at(float $x, float $y): string
    {
        return Svg::number($x).' '.Svg::number(-$y);
    }

    /**
     * A straight underside needs its ends only.
     *
     * @param non-empty-list<array{float, float}> $points
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function ends(array $points): array
    {
        return [$points[0], $points[count($points) - 1]];
    }
}
