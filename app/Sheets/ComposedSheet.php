<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Drawing\Svg;
use App\Sheets\Views\LegendView;
use App\Sheets\Views\SheetView;

/** A sheet of paper with its views, each true to scale, in a frame above a title block. Millimetres of paper. */
final readonly class ComposedSheet
{
    public const BORDER = 10.0;

    /** Between the frame and what stands in it, where several views do. */
    private const INSET = 4.0;

    public function __construct(private SheetDefinition $sheet, private SheetSource $source, private TitleBlock $title) {}

    /**
     * The largest usual scale at which all of it fits, for what has no scale of its own.
     *
     * @throws DoesNotFit when there is none
     */
    public function fitting(): int
    {
        return $this->arranged()[0];
    }

    /** @throws DoesNotFit */
    public function svg(): string
    {
        [, $views, $arrangement] = $this->arranged();
        [$width, $height] = [$this->sheet->width(), $this->sheet->height()];
        $drawn = '';
        foreach ($views as $number => $view) {
            $at = $arrangement->anchors[$number];
            $drawn .= $view->draw($at->x, $at->y).(count($views) > 1 ? self::caption($view, $at->x, $at->y) : '');
        }
        $scales = self::scales($views);
        $frame = Svg::element('rect', [
            'class' => 'frame-line', 'x' => self::BORDER, 'y' => self::BORDER, 'width' => $width - 2 * self::BORDER,
            'height' => $height - 2 * self::BORDER, 'aria-hidden' => 'true',
        ]);
        $title = $this->title->draw(
            self::BORDER,
            $height - self::BORDER,
            $width - 2 * self::BORDER,
            count($scales) === 1 ? $scales[0] : null,
            $this->source->home->layout,
        );

        return Svg::element(
            'svg',
            [
                'xmlns' => 'http://www.w3.org/2000/svg', 'width' => "{$width}mm", 'height' => "{$height}mm",
                'viewBox' => "0 0 {$width} {$height}",
            ],
            Svg::element('title', [], Svg::text($this->title->heading()))
            .Svg::element('style', [], SheetStyle::ofSheet(array_values(array_unique([...$scales, LegendView::SCALE]))))
            .Svg::element('rect', ['class' => 'sheet', 'width' => $width, 'height' => $height, 'aria-hidden' => 'true'])
            .$title.$drawn.$frame,
        );
    }

    /**
     * At the largest usual scale at which all of it fits.
     *
     * @return array{int, list<SheetView>, Arrangement}
     *
     * @throws DoesNotFit
     */
    private function arranged(): array
    {
        $scales = array_keys(PlotScale::choices($this->source->home->layout->units));
        foreach ($this->hasFreeScale() ? $scales : array_slice($scales, 0, 1) as $scale) {
            $found = $this->at($scale);
            if ($found !== null) {
                return [$scale, ...$found];
            }
        }
        throw new DoesNotFit($this->refusal());
    }

    /** Is there a drawing that has no scale of its own? */
    private function hasFreeScale(): bool
    {
        return array_filter(
            $this->sheet->views,
            static fn(ViewDefinition $view): bool => $view->kind->isDrawing() && $view->scale === null,
        ) !== [];
    }

    private function refusal(): string
    {
        $paper = $this->sheet->paper->value;
        $units = $this->source->home->layout->units;
        $wanted = $this->sheet->views[0]->scale ?? null;
        if (!$this->isAlone()) {
            return __('What stands on this sheet is too large for :paper: take some of it off, or a larger paper, or smaller scales.', [
                'paper' => $paper,
            ]);
        }
        if ($wanted === null) {
            return __('The home is too large for :paper at any usual scale.', ['paper' => $paper]);
        }
        $fitting = (new self($this->sheet->withViews([$this->sheet->views[0]->withoutScale()]), $this->source, $this->title))->fitting();

        return __('The plan does not fit on :paper at :wanted; it does at :fitting.', [
            'paper' => $paper,
            'wanted' => PlotScale::words($wanted, $units),
            'fitting' => PlotScale::words($fitting, $units),
        ]);
    }

    /** Is there one drawing or list on it? */
    private function isAlone(): bool
    {
        return count($this->sheet->views) === 1 && $this->sheet->views[0]->kind !== ViewKind::Elevations;
    }

    /** @return array{list<SheetView>, Arrangement}|null null: they do not fit */
    private function at(int $scale): ?array
    {
        $inset = $this->isAlone() ? 0.0 : self::INSET;
        $width = $this->sheet->width() - 2 * (self::BORDER + $inset);
        $height = $this->sheet->height() - 2 * (self::BORDER + $inset) - $this->title->height($this->sheet->width() - 2 * self::BORDER);
        $views = (new ViewsOfSheet($this->sheet, $this->source))->at($scale, $height);
        $arrangement = Arrangement::of($views, self::BORDER + $inset, self::BORDER + $inset, $width, $height);

        return $arrangement === null ? null : [$views, $arrangement];
    }

    private static function caption(SheetView $view, float $x, float $y): string
    {
        $extent = $view->extent();

        return $view->caption() === '' ? '' : Svg::element(
            'g',
            ['role' => 'heading', 'aria-level' => 2],
            Svg::element(
                'text',
                [
                    'class' => 'caption',
                    'x' => (string) round($x + ($extent->right - $extent->left) / 2, 3),
                    'y' => (string) round($y + $extent->down + Arrangement::CAPTION - 2.0, 3),
                ],
                Svg::text($view->caption()),
            ),
        );
    }

    /**
     * Each scale that something is drawn at, once.
     *
     * @param list<SheetView> $views
     *
     * @return list<int>
     */
    private static function scales(array $views): array
    {
        $scales = array_map(static fn(SheetView $view): ?int => $view->scale(), $views);

        return array_values(array_unique(array_filter($scales, is_int(...))));
    }
}
