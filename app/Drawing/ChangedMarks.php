<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Ring;
use Heurema\Spatial\Home;
use Heurema\Spatial\JoinedWall;
use Heurema\Spatial\RampPart;
use Heurema\Spatial\StoreyPlan;

/** Marks over what is drawn otherwise on another plan. */
final readonly class ChangedMarks
{
    /** How far a mark reaches beyond the fixture, mm. */
    private const BEYOND = 60.0;

    /** @param list<string> $ids of the elements */
    public function __construct(private Home $home, private StoreyPlan $plan, private array $ids) {}

    public function draw(): string
    {
        return Svg::element('g', ['class' => 'layer-changed'], implode('', array_map(
            static fn(Ring $ring): string => Svg::element('path', ['class' => 'changed-mark', 'd' => Svg::path($ring)]),
            $this->rings(),
        )));
    }

    /** @return list<Ring> what each of them covers on plan */
    public function rings(): array
    {
        $rings = [];
        foreach ($this->plan->storey->walls as $wall) {
            if (in_array($wall->id, $this->ids, true)) {
                $rings[] = (new JoinedWall($wall, $wall->line()))->body();
            }
        }
        foreach ($this->home->openingsOn($this->plan->storey->id) as $opening) {
            if (in_array($opening->id(), $this->ids, true)) {
                $across = $opening->wall->line()->direction()->left()->times($opening->wall->thickness + 2 * self::BEYOND);
                $rings[] = Ring::rectangle($opening->span()->from->minus($across->times(0.5)), $opening->span()->vector(), $across);
            }
        }
        foreach ($this->home->fixturesOn($this->plan->storey->id) as $fixture) {
            if (in_array($fixture->id(), $this->ids, true) && $fixture->outline !== null) {
                $rings[] = $fixture->outline;
            }
        }
        foreach ($this->home->stairs as $stair) {
            if (in_array($stair->id(), $this->ids, true) && in_array($this->plan->storey->id, [$stair->storey(), $stair->to->id], true)) {
                array_push($rings, ...$stair->shape->treads(), ...$stair->shape->landings());
            }
        }
        foreach ($this->home->ramps as $ramp) {
            if (in_array($ramp->id(), $this->ids, true) && $ramp->storey() === $this->plan->storey->id) {
                array_push($rings, ...array_map(static fn(RampPart $part): Ring => $part->outline, $ramp->shape->parts));
            }
        }
        foreach ([...$this->plan->storey->voids, ...$this->plan->storey->soffits, ...$this->plan->storey->terraces] as $outlined) {
            if (in_array($outlined->id, $this->ids, true)) {
                $rings[] = $outlined->outline;
            }
        }

        foreach ($this->home->roofWindows as $window) {
            $outline = in_array($window->id(), $this->ids, true) && $window->plan === $this->plan ? $window->roof?->outline() : null;
            array_push($rings, ...$outline === null ? [] : [$outline]);
        }

        foreach ($this->plan->storey->guards as $guard) {
            for ($i = 1, $count = in_array($guard->id, $this->ids, true) ? count($guard->line) : 0; $i < $count; ++$i) {
                $along = $guard->line[$i]->minus($guard->line[$i - 1]);
                $across = $along->unit()->left()->times(2 * self::BEYOND);
                $rings[] = Ring::rectangle($guard->line[$i - 1]->minus($across->times(0.5)), $along, $across);
            }
        }

        return $rings;
    }
}
