<?php

declare(strict_types=1);

namespace App\Letters;

use App\Drawing\AxonometricDrawing;
use App\Drawing\AxonometricNames;
use App\Drawing\Svg;
use App\Sheets\SheetStyle;
use Heurema\Geometry\Box;
use Heurema\Layout\LayoutWriter;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;
use Illuminate\Support\Facades\Cache;

/**
 * A storey in the round as a picture for paper, complete in itself. What is drawn of the home is kept for a day, for it takes a while.
 *
 * @phpstan-type Names list<array{string, non-empty-list<array{float, float, float}>}>
 */
final readonly class RoundPicture
{
    /** How large a pixel of the screen's drawing is on paper, mm. */
    private const PIXEL = 0.19;
    private const DAY = 86400;

    public function __construct(private Home $home) {}

    /**
     * @param float $width  mm of paper
     * @param float $height mm of paper
     * @param list<array{array{float, float, float}, string}> $marks numbered places in space
     */
    public function ofStorey(StoreyPlan $plan, float $width, float $height, array $marks): string
    {
        [$body, $names, $box, $scale] = $this->drawn($plan, $width, $height);
        $taken = $numbers = [];
        foreach ($marks as [$place, $number]) {
            $at = AxonometricDrawing::on($place);
            $taken[] = Box::at($at, 2 * ItemMark::RADIUS * $scale, 2 * ItemMark::RADIUS * $scale);
            $numbers[] = ItemMark::draw($at, $number);
        }
        $over = $body.(new AxonometricNames($names, $scale))->draw($taken).implode('', $numbers);
        $pinned = Svg::withPinsScaled($over, $scale);

        return Svg::element('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg',
            'width' => "{$width}mm",
            'height' => "{$height}mm",
            'viewBox' => Svg::viewBox($box),
        ], Svg::element('style', [], SheetStyle::css(max(1, (int) round($scale / self::PIXEL)), self::PIXEL))
            .Svg::element('g', ['class' => 'plan'], $pinned));
    }

    /**
     * @return array{string, Names, Box, float} the home alone, places for the names of its rooms, what is in the picture, and how many mm
     *     of the home a pixel is
     */
    private function drawn(StoreyPlan $plan, float $width, float $height): array
    {
        $asked = [(new LayoutWriter())->write($this->home->layout), $plan->storey->id, $width, $height];
        $key = 'in the round '.hash('xxh128', serialize([$asked, app()->getLocale(), config('rules.code'), config('pages.code')]));
        /** @var array{string, Names, array{float, float, float, float}, float} $kept */
        $kept = Cache::remember($key, self::DAY, function () use (
            $plan,
            $width,
            $height,
        ): array {
            $whole = (new AxonometricDrawing($this->home, $plan, 0.0))->box();
            $margin = 2 * AxonometricDrawing::MARGIN * self::PIXEL;
            $scale = self::PIXEL * max($whole->width() / ($width - $margin), $whole->height() / ($height - $margin), 1.0);
            $drawing = new AxonometricDrawing($this->home, $plan, $scale);
            $shown = Box::at($whole->middle(), $width * $scale / self::PIXEL, $height * $scale / self::PIXEL);
            $box = [$shown->left, $shown->bottom, $shown->right, $shown->top];

            return [$drawing->body(), $drawing->names()->names, $box, $scale];
        });

        return [$kept[0], $kept[1], new Box(...$kept[2]), $kept[3]];
    }
}
