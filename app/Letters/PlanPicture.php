<?php

declare(strict_types=1);

namespace App\Letters;

use App\Drawing\LabelPlace;
use App\Drawing\PlanDrawing;
use App\Drawing\Sheet;
use App\Drawing\Svg;
use App\Drawing\WitnessDrawing;
use App\Sheets\SheetStyle;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Review\Finding;
use Heurema\Spatial\Home;

/** A piece of a storey's plan as a picture for paper, complete in itself. */
final readonly class PlanPicture
{
    /** How large a pixel of the screen's drawing is on paper, mm. */
    private const PIXEL = 0.19;

    /** What is shown around a finding at the least, mm of the home. */
    private const AROUND = 700.0;
    private const LEAST = 2600.0;

    public function __construct(private Home $home) {}

    /** The finding's witness with what is around it; null when it shows nothing on any plan. */
    public function ofFinding(Finding $finding, float $width, float $height): ?string
    {
        $storey = $finding->outcome->witness[0]->storey ?? null;
        $witness = $storey === null ? null : new WitnessDrawing($finding, $storey);
        $bounds = $witness?->bounds();
        if ($storey === null || $witness === null || $bounds === null) {
            return null;
        }
        [$left, $top, $across, $down] = array_map(floatval(...), explode(' ', $bounds));
        $middle = new Point($left + $across / 2, -$top - $down / 2);
        $wide = max(self::LEAST, $across + 2 * self::AROUND, ($down + 2 * self::AROUND) * $width / $height);

        return $this->draw(
            $storey,
            self::around($middle, $wide, $wide * $height / $width),
            $width,
            $height,
            $witness->draw(),
        );
    }

    /**
     * All of a storey.
     *
     * @param list<array{Point, string}> $marks numbered places
     */
    public function ofStorey(string $storey, float $width, float $height, array $marks, string $more = ''): string
    {
        $box = Sheet::of($this->home->layout)->building->grown(900.0);
        $wide = max($box->width(), $box->height() * $width / $height);
        $middle = $box->middle();
        $numbers = array_map(
            static fn(array $mark): string => Svg::pinned(
                $mark[0],
                'item-mark',
                Svg::element('circle', ['r' => 10]).Svg::element('text', ['y' => 4], Svg::text($mark[1])),
            ),
            $marks,
        );

        return $this->draw(
            $storey,
            self::around($middle, $wide, $wide * $height / $width),
            $width,
            $height,
            $more.implode('', $numbers),
        );
    }

    private static function around(Point $middle, float $width, float $height): Box
    {
        return new Box($middle->x - $width / 2, $middle->y - $height / 2, $middle->x + $width / 2, $middle->y + $height / 2);
    }

    private function draw(string $storey, Box $box, float $width, float $height, string $over): string
    {
        $scale = $box->width() / $width;
        $labels = new LabelPlace($this->home, self::PIXEL * $scale);
        $layers = isset($this->home->plans[$storey]) ? (new PlanDrawing($this->home, $this->home->plans[$storey], $labels))->layers() : '';
        $pinned = str_replace('<g class="pin ', '<g transform="scale('.round(self::PIXEL * $scale, 3).')" class="pin ', $layers.$over);
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
