<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Drawing\Svg;
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
        foreach (array_keys(PlotScale::choices($this->source->home->layout->units)) as $scale) {
            if ($this->arranged($scale) !== null) {
                return $scale;
            }
        }
        throw new DoesNotFit($this->refusal());
    }

    private function refusal(): string
    {
        $paper = $this->sheet->paper->value;
        $units = $this->source->home->layout->units;
        $wanted = $this->sheet->views[0]->scale ?? null;
        if (!$this->isAlone()) {
            return "What stands on this sheet is too large for {$paper}: take some of it off, or a larger paper, or smaller scales.";
        }
        if ($wanted === null) {
            return "The home is too large for {$paper} at any usual scale.";
        }
        $fitting = (new self($this->sheet->withViews([$this->sheet->views[0]->withoutScale()]), $this->source, $this->title))->fitting();

        return "The plan does not fit on {$paper} at ".PlotScale::words($wanted, $units)
            .'; it does at '.PlotScale::words($fitting, $units).'.';
    }

    /** @throws DoesNotFit */
    public function svg(): string
    {
        $scale = $this->fitting();
        $found = $this->arranged($scale) ?? throw new \LogicException('It has just fitted.');
        [$views, $arrangement] = $found;
        [$width, $height] = [$this->sheet->width(), $this->sheet->height()];
        $drawn = '';
        foreach ($views as $number => $view) {
            $at = $arrangement->anchors[$number];
            $drawn .= $view->draw($at->x, $at->y).(count($views) > 1 ? self::caption($view, $at->x, $at->y) : '');
        }
        $scales = array_values(array_unique([...array_filter(
            array_map(static fn(SheetView $view): ?int => $view->scale(), $views),
            static fn(?int $one): bool => $one !== null,
        ), 50]));
        $frame = Svg::element('rect', [
            'class' => 'frame-line', 'x' => self::BORDER, 'y' => self::BORDER, 'width' => $width - 2 * self::BORDER,
            'height' => $height - 2 * self::BORDER, 'aria-hidden' => 'true',
        ]);
        $scale = self::common($views);

        return Svg::element(
            'svg',
            [
                'xmlns' => 'http://www.w3.org/2000/svg', 'width' => "{$width}mm", 'height' => "{$height}mm",
                'viewBox' => "0 0 {$width} {$height}",
            ],
            Svg::element('title', [], Svg::text($this->title->heading()))
            .Svg::element('style', [], SheetStyle::ofSheet($scales))
            .Svg::element('rect', ['class' => 'sheet', 'width' => $width, 'height' => $height, 'aria-hidden' => 'true'])
            .$this->title->draw(self::BORDER, $height - self::BORDER, $width - 2 * self::BORDER, $scale, $this->source->home->layout)
            .$drawn.$frame,
        );
    }

    /** Is there one drawing or list on it? */
    private function isAlone(): bool
    {
        return count($this->sheet->views) === 1 && $this->sheet->views[0]->kind !== ViewKind::Elevations;
    }

    /** @return array{list<SheetView>, Arrangement}|null null: they do not fit */
    private function arranged(int $scale): ?array
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
     * The scale of all drawings; null where they differ or there are none.
     *
     * @param list<SheetView> $views
     */
    private static function common(array $views): ?int
    {
        $scales = array_unique(array_filter(
            array_map(static fn(SheetView $view): ?int => $view->scale(), $views),
            static fn(?int $one): bool => $one !== null,
        ));

        return count($scales) === 1 ? array_values($scales)[0] : null;
    }
}
