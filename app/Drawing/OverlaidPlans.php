<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Shift;
use Heurema\Drafting\Shifts;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;

/** A plan over another one of the same storey: what was otherwise is dashed, what is otherwise is marked, with how far it went. */
final readonly class OverlaidPlans
{
    /** From an arrow to its text, px; and how long its barbs are. */
    private const AWAY = [9.0, -9.0, 20.0, -20.0];
    private const BARB = 7.0;
    private const SIZE = 12.0;

    /**
     * @param array{before: list<string>, after: list<string>} $ids of what is not alike
     * @param float                                            $scale mm under a pixel
     */
    public function __construct(
        private Home $before,
        private StoreyPlan $beforePlan,
        private Home $after,
        private StoreyPlan $afterPlan,
        private array $ids,
        private float $scale,
    ) {}

    public function draw(): string
    {
        $style = new DimensionStyle('none', marks: 'none');
        $drawing = new PlanDrawing($this->after, $this->afterPlan, new LabelPlace($this->after, $this->scale, $style), $style);
        $places = $drawing->places();
        $was = array_map(
            static fn(Ring $ring): string => Svg::element('path', ['class' => 'before-mark', 'd' => Svg::path($ring)]),
            (new ChangedMarks($this->before, $this->beforePlan, $this->ids['before']))->rings(),
        );
        $shifts = (new Shifts($this->beforePlan->storey, $this->afterPlan->storey))->all();

        return $drawing->layers('', $places)
            .(new ChangedMarks($this->after, $this->afterPlan, $this->ids['after']))->draw()
            .Svg::element('g', ['class' => 'layer-before'], implode('', $was))
            .Svg::element('g', ['class' => 'layer-shifts'], implode('', array_map(
                fn(Shift $shift): string => $this->shift($shift, $places),
                $shifts,
            )));
    }

    /** An arrow from where it lay to where it lies, and how far that is. */
    private function shift(Shift $shift, FreePlaces $places): string
    {
        $line = $shift->line();
        $along = $line->direction();
        $barb = fn(int $side): Point => $line->to->minus($along->times(self::BARB * $this->scale))
            ->plus($along->left()->times($side * self::BARB * $this->scale / 2));
        $words = $this->after->length($shift->distance());
        $texts = array_map(fn(float $away): PlanText => new PlanText(
            $line->middle()->plus($along->left()->times($away * $this->scale)),
            $words,
            self::SIZE,
            self::SIZE * 0.36,
        ), $this->aways($words, $along));
        $found = $places->find(array_map(fn(PlanText $text): Box => $text->box($this->scale), $texts));

        $arrow = Svg::line([$line->from, $line->to]).Svg::line([$barb(1), $line->to, $barb(-1)]);

        return Svg::element('path', ['class' => 'shift', 'd' => $arrow])
            .Svg::pinned($texts[$found]->at, 'shift-text', $texts[$found]->element());
    }

    /** @return non-empty-list<float> how far from its arrow a text may stand, px: clear of it, whichever way it leads */
    private function aways(string $words, Point $along): array
    {
        $half = abs($along->y) * TextSize::width($words, self::SIZE) / 2;

        return array_map(static fn(float $away): float => $away + ($away > 0 ? $half : -$half), self::AWAY);
    }
}
