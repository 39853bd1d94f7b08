<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Point;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;

/** On the plan, beside everything that wants looking at, the sign of its worst verdict. */
final readonly class SubjectMarks
{
    public function __construct(private Report $report, private string $storey, private LabelPlace $labels) {}

    public function draw(): string
    {
        $marks = [];
        foreach ($this->worst() as $finding) {
            $sign = VerdictMark::draw($finding->verdict());
            $place = $this->place($finding);
            if ($place === null) {
                continue;
            }
            $content = $finding->subject instanceof RoomSpace
                ? Svg::element('g', ['transform' => vsprintf('translate(%d %d)', $this->labels->of($finding->subject)->sign())], $sign)
                : $sign;
            $marks[] = Svg::element('g', ['data-mark' => $finding->subject->id()], Svg::pinned($place, 'subject-mark', $content));
        }

        return Svg::element('g', ['class' => 'layer-marks'], implode('', $marks));
    }

    /** @return array<string, Finding> by subject */
    private function worst(): array
    {
        $worst = [];
        foreach ($this->report->worstFirst() as $finding) {
            if ($finding->subject->storey() === $this->storey && $finding->verdict()->isOpen()) {
                $worst[$finding->subject->id()] ??= $finding;
            }
        }

        return $worst;
    }

    private function place(Finding $finding): ?Point
    {
        $subject = $finding->subject;

        return match (true) {
            $subject instanceof RoomSpace => $this->labels->of($subject)->at,
            default => self::at($subject) ?? ($finding->outcome->witness[0] ?? null)?->lines()[0][0],
        };
    }

    /** Where the sign of something stands, whatever was found; null: where that shows. */
    public static function at(Subject $subject): ?Point
    {
        return match (true) {
            $subject instanceof PlacedOpening => $subject->middle(),
            $subject instanceof PlacedFixture => $subject->frame->toPlan(new Point(0, ($subject->fixture->depth ?? 0.0) / 2)),
            $subject instanceof PlacedStair => $subject->stair->start,
            default => null,
        };
    }
}
