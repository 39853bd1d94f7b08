<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Tolerance;
use Heurema\Layout\Edit\Change;
use Heurema\Layout\Edit\Patch;
use Heurema\Layout\Element;
use Heurema\Spatial\Home;
use Heurema\Spatial\JoinedWall;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\StoreyPlan;

/** What an edit that is not made yet would change on a storey: its elements in their new places, and the dimensions of the one at hand. */
final readonly class TrialDrawing
{
    /** @param string $tried id of the element whose dimensions are shown */
    public function __construct(private Home $home, private Patch $patch, private string $storey, private string $tried) {}

    public function draw(): string
    {
        $ids = array_filter(
            array_map(
                static fn(Change $change): ?string => $change->after instanceof Element ? $change->after->id() : null,
                $this->patch->changes,
            ),
            is_string(...),
        );
        $drawn = array_map($this->element(...), array_unique($ids));

        return Svg::element(
            'g',
            ['class' => 'trial'],
            implode('', $drawn).(new LiveDimensions($this->home, $this->storey, Sheet::of($this->home->layout)->scale()))->of($this->tried),
        );
    }

    private function element(string $id): string
    {
        $plan = $this->home->plans[$this->storey] ?? null;
        foreach ([...$this->home->openings, ...$this->home->fixtures] as $placed) {
            if ($placed->id() === $id && $placed->storey() === $this->storey) {
                return $placed instanceof PlacedOpening ? (new OpeningSymbol($placed))->draw() : (new FixtureSymbol($placed))->draw();
            }
        }
        foreach ($this->home->roofWindows as $window) {
            if ($window->id() === $id) {
                return (new RoofWindowSymbol($window))->draw();
            }
        }
        foreach ($this->home->ramps as $ramp) {
            if ($ramp->id() === $id) {
                return (new RampSymbol($ramp))->draw();
            }
        }
        $stair = $this->home->stair($id);
        if ($stair !== null) {
            return implode('', array_map(
                static fn($tread): string => Svg::element('path', ['class' => 'trial-wall', 'd' => Svg::path($tread)]),
                $stair->shape->treads(),
            ));
        }

        foreach ($this->home->layout->axes as $axis) {
            if ($axis->id === $id) {
                return (new AxisDrawing($axis))->draw();
            }
        }
        foreach ($this->home->layout->sections as $section) {
            if ($section->id === $id) {
                return (new SectionLineDrawing($section))->draw();
            }
        }
        foreach ($plan->storey->blocks ?? [] as $block) {
            if ($block->id === $id) {
                return (new BlockDrawing($block, $this->home))->draw();
            }
        }

        return $plan === null ? '' : $this->wall($plan, $id);
    }

    private function wall(StoreyPlan $plan, string $id): string
    {
        $wall = $plan->wall($id);

        return $wall === null || $wall->line()->length() < Tolerance::TOUCH
            ? ''
            : Svg::element('path', ['class' => 'trial-wall', 'd' => Svg::path((new JoinedWall($wall, $wall->line()))->body())]);
    }
}
