<?php

declare(strict_types=1);

namespace App\Pages;

use App\Drawing\DimensionStyle;
use App\Drawing\Svg;
use App\Drawing\UprightDrawing;
use Heurema\Drafting\NamedLevel;
use Heurema\Drafting\UprightView;
use Heurema\Geometry\Point;
use Heurema\Review\Finding;

/** A face or a section of a home on the page, with its levels and the findings that are seen in it. */
final readonly class UprightFigure
{
    /** mm under a pixel; the style sheet has it too. */
    private const SCALE = 16.0;

    /** @var list<Finding> those that have a number in the drawing, in its order */
    public array $findings;

    /** @var list<array{int, Point}> */
    private array $marks;

    /** @param list<Finding> $violations */
    public function __construct(
        public string $name,
        private UprightView $view,
        private DimensionStyle $style,
        array $violations,
    ) {
        $places = new PlacesInView($view);
        $findings = [];
        $marks = [];
        foreach ($violations as $finding) {
            $place = $places->of($finding);
            if ($place !== null) {
                $findings[] = $finding;
                $marks[] = [count($findings), $place];
            }
        }
        $this->findings = $findings;
        $this->marks = PlacesInView::apart($marks, 20.0 * self::SCALE);
    }

    public function svg(): string
    {
        $drawing = new UprightDrawing($this->view, $this->style, self::SCALE, $this->marks);
        $box = $drawing->box();

        return Svg::element('svg', [
            'class' => 'elevation-drawing upright-drawing',
            'width' => (string) round($box->width() / self::SCALE),
            'height' => (string) round($box->height() / self::SCALE),
            'viewBox' => implode(' ', array_map(Svg::number(...), [$box->left, -$box->top, $box->width(), $box->height()])),
            'role' => 'img',
            'aria-label' => $this->description(),
        ], $drawing->draw());
    }

    /** @return list<array{string, string}> names and heights, the highest first */
    public function levels(): array
    {
        $wording = $this->view->home->wording();

        return array_map(
            fn(NamedLevel $level): array => [$wording->say($level->name), $this->view->home->length($level->height)],
            array_reverse($this->view->levels()),
        );
    }

    /** @return list<string> what nobody said and had to be taken */
    public function unknown(): array
    {
        return $this->view->home->wording()->all($this->view->taken());
    }

    /** For whoever does not see it. */
    private function description(): string
    {
        $openings = array_map(static fn($one): string => $one->opening->name(), $this->view->openings);

        return __(':name, :width wide and :height high:it', [
            'name' => $this->name,
            'width' => $this->view->home->length($this->view->box->width()),
            'height' => $this->view->home->length($this->view->box->height()),
            'it' => $openings === [] ? '' : ': '.implode(', ', $openings),
        ]);
    }
}
