<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Layout\Note;
use Heurema\Layout\Terrace;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;

/** What is written on the plan of a storey at places of its own, which other texts keep clear of; signs of verdicts among it. */
final readonly class FixedTexts
{
    /** Half of the sign of a verdict, px. */
    public const SIGN = 8.0;

    /**
     * @param bool $hasSigns  signs of verdicts are drawn over the plan
     * @param bool $hasSlopes how steep ceilings are is written
     */
    public function __construct(
        private Home $home,
        private StoreyPlan $plan,
        private float $scale,
        private bool $hasSigns,
        private bool $hasSlopes = false,
    ) {}

    public static function terrace(Terrace $terrace, Home $home): PlanText
    {
        $level = $terrace->level === null ? '' : ' '.GroundLevels::words($terrace->level, $home);

        return new PlanText($terrace->outline->bounds()->middle(), $terrace->name.$level, 11.0);
    }

    /** @return list<Box> */
    public function boxes(): array
    {
        return [
            ...array_map(fn(PlanText $text): Box => $text->box($this->scale), $this->texts()),
            ...array_map(fn(Point $at): Box => Box::at($at, 2 * self::SIGN * $this->scale, 2 * self::SIGN * $this->scale), $this->signs()),
            ...$this->names(),
        ];
    }

    /** @return list<PlanText> */
    private function texts(): array
    {
        $storey = $this->plan->storey->id;
        $texts = [
            ...array_map(static fn(Note $note): PlanText => new PlanText($note->at, $note->text), $this->plan->storey->notes),
            ...array_map(fn(Terrace $terrace): PlanText => self::terrace($terrace, $this->home), $this->plan->storey->terraces),
            ...(new GroundLevels($this->home, $storey))->texts(),
        ];
        foreach ($this->home->stairs as $stair) {
            $isHere = $stair->storey() === $storey || $stair->to->id === $storey;
            array_push($texts, ...$isHere ? (new StairSymbol($stair, $storey, $this->home))->texts() : []);
        }
        foreach ($this->home->ramps as $ramp) {
            array_push($texts, ...$ramp->storey() === $storey ? (new RampSymbol($ramp))->texts() : []);
        }
        foreach ($this->plan->rooms as $room) {
            array_push($texts, ...(new CeilingSlope($room, $this->home, $this->hasSlopes))->texts());
        }

        return $texts;
    }

    /** @return list<Point> where signs stand when something is found, but those of rooms, which stand by their names */
    private function signs(): array
    {
        $storey = $this->plan->storey->id;
        $signs = [];
        if (!$this->hasSigns) {
            return [];
        }
        foreach ($this->home->openingsOn($storey) as $opening) {
            $signs[] = SubjectMarks::at($opening);
        }
        foreach ($this->home->fixturesOn($storey) as $fixture) {
            $signs[] = SubjectMarks::at($fixture);
        }
        foreach ($this->home->stairs as $stair) {
            $signs = [...$signs, ...$stair->storey() === $storey ? [SubjectMarks::at($stair)] : []];
        }

        return array_values(array_filter($signs, static fn(?Point $at): bool => $at !== null));
    }

    /** @return list<Box> of axes and sections */
    private function names(): array
    {
        $names = [];
        foreach ($this->home->layout->axes as $axis) {
            $names[] = (new AxisDrawing($axis))->box($this->scale);
        }
        foreach ($this->home->layout->sections as $section) {
            array_push($names, ...(new SectionLineDrawing($section))->boxes($this->scale));
        }

        return $names;
    }
}
