<?php

declare(strict_types=1);

namespace App\Letters;

use App\Drawing\LabelPlace;
use App\Drawing\PlanDrawing;
use App\Drawing\Svg;
use App\Drawing\WitnessDrawing;
use App\Drawing\WitnessFigures;
use App\Sheets\SheetStyle;
use Heurema\Geometry\Point;
use Heurema\Review\Finding;
use Heurema\Spatial\Home;

/** A piece of a storey's plan as a picture for paper, complete in itself. */
final readonly class PlanPicture
{
    /** How large a pixel of the screen's drawing is on paper, mm. */
    private const PIXEL = 0.19;

    public function __construct(private Home $home) {}

    /**
     * The finding's witness with what is around it; null when it shows nothing on any plan.
     *
     * @param float $width mm of paper
     */
    public function ofFinding(Finding $finding, float $width): ?string
    {
        $frame = PlanFrame::ofFinding($finding);
        $plan = $frame === null ? null : $this->home->plans[$frame->storey] ?? null;
        if ($frame === null || $plan === null) {
            return null;
        }
        $labels = new LabelPlace($this->home, self::PIXEL * $frame->box->width() / $width);
        $figures = new WitnessFigures($this->home, $plan, $labels);

        return $this->draw($frame, $width, $width / PlanFrame::ASPECT, (new WitnessDrawing($finding, $frame->storey))->draw($figures));
    }

    /**
     * All of a storey.
     *
     * @param list<array{Point, string}> $marks numbered places
     */
    public function ofStorey(string $storey, float $width, float $height, array $marks, string $more = ''): string
    {
        $numbers = array_map(
            static fn(array $mark): string => ItemMark::draw(...$mark),
            $marks,
        );

        $frame = PlanFrame::ofStorey($this->home, $storey, $width / $height);

        return $this->draw($frame, $width, $height, $more.implode('', $numbers));
    }

    private function draw(PlanFrame $frame, float $width, float $height, string $over): string
    {
        [$storey, $box] = [$frame->storey, $frame->box];
        $scale = $box->width() / $width;
        $labels = new LabelPlace($this->home, self::PIXEL * $scale);
        $layers = isset($this->home->plans[$storey]) ? (new PlanDrawing($this->home, $this->home->plans[$storey], $labels))->layers() : '';
        $pinned = Svg::withPinsScaled($layers.$over, self::PIXEL * $scale);
        $plan = Svg::element(
            'g',
            ['class' => 'plan', 'transform' => sprintf('scale(%.8f) translate(%.3f %.3f)', 1 / $scale, -$box->left, $box->top)],
            $pinned,
        );

        return Svg::element(
            'svg',
            [
                'xmlns' => 'http://www.w3.org/2000/svg',
                'width' => "{$width}mm",
                'height' => "{$height}mm",
                'viewBox' => "0 0 {$width} {$height}",
            ],
            Svg::element('style', [], SheetStyle::css(max(1, (int) round($scale)), self::PIXEL))
                .Svg::element('rect', ['class' => 'sheet', 'width' => $width, 'height' => $height]).$plan
            .Svg::element('rect', ['fill' => 'none', 'stroke' => '#d8ccb6', 'stroke-width' => .4, 'width' => $width, 'height' => $height]),
        );
    }
}
