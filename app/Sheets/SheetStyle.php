<?php

declare(strict_types=1);

namespace App\Sheets;

/** How a plan looks on white paper: line widths in mm of paper, whatever the scale. */
final class SheetStyle
{
    /** The colours of the page's palette on white paper. */
    private const COLOURS = [
        '--ink' => '#1b2638', '--ink-soft' => '#515c70', '--ink-faint' => '#8a90a0', '--sheet' => '#fff', '--room' => '#fff',
    ];

    /** What a pixel of a line's width on the page is on paper, mm, and one of a dash's length. */
    private const LINE = 0.18;
    private const DASH = 0.25;

    /**
     * The lines of the page, and what only paper has. `paper(0.18)` is a width in mm of paper inside the plan, which is drawn in mm of the
     * home; `pinned(0.3)` one inside what is drawn in pixels.
     *
     * @param float $pixel how large a pixel of the screen's drawing is on paper, mm
     */
    public static function css(int $scale, float $pixel): string
    {
        $number = static fn(float $mm): string => (string) round($mm * $scale, 3);
        $css = (string) preg_replace_callback(
            '/line\(([\d.]+)\)/',
            static fn(array $found): string => $number((float) $found[1] * self::LINE),
            self::lines(),
        );
        $css = (string) preg_replace_callback(
            '/dash\(([\d. ]+)\)/',
            static fn(array $found): string => implode(
                ' ',
                array_map(static fn(string $length): string => $number((float) $length * self::DASH), explode(' ', $found[1])),
            ),
            $css,
        );
        $css = (string) preg_replace_callback(
            '/paper\(([\d.]+)\)/',
            static fn(array $found): string => $number((float) $found[1]),
            $css.self::ofPaper(),
        );

        return (string) preg_replace_callback(
            '/pinned\(([\d.]+)\)/',
            static fn(array $found): string => (string) round((float) $found[1] / $pixel, 3),
            strtr($css, self::variables()),
        );
    }

    /** What plans are drawn with on the page too. */
    private static function lines(): string
    {
        return (string) preg_replace('#^//.*\n#m', '', (string) file_get_contents(resource_path('scss/_lines.scss')));
    }

    /** @return array<string, string> */
    private static function variables(): array
    {
        return array_combine(array_map(static fn(string $name): string => "var({$name})", array_keys(self::COLOURS)), self::COLOURS);
    }

    private static function ofPaper(): string
    {
        return <<<CSS
            .sheet { fill: #fff; }
            path, circle { fill: none; }
            text { font-family: "IBM Plex Sans", sans-serif; font-size: 12px; font-weight: 500; fill: var(--ink); text-anchor: middle; }
            .plan text { paint-order: stroke; stroke: #fff; stroke-width: 3px; stroke-linejoin: round; }
            .frame-line { fill: none; stroke: var(--ink); stroke-width: .35px; }
            .dimension-line { fill: none; stroke: var(--ink-soft); stroke-width: paper(.15); }
            .tick { fill: none; stroke: var(--ink); stroke-width: pinned(.3); }
            .witness { color: #bf3019; }
            .witness .dimension-line, .witness .tick { fill: none; stroke: currentColor; stroke-width: pinned(.35); }
            .witness text {
                fill: currentColor; font-size: 14px; font-weight: 600;
                stroke: #fff; stroke-width: 4px; stroke-linejoin: round; paint-order: stroke;
            }
            .witness-mark circle { fill: none; stroke: currentColor; stroke-width: 2.5px; }
            .item-mark circle { fill: #bf3019; stroke: #fff; stroke-width: 1.5px; }
            .item-mark text { fill: #fff; font-weight: 700; stroke: none; }
            .changed-mark { fill: #9c4f26; fill-opacity: .16; stroke: #9c4f26; stroke-width: paper(.4); }
            .title-block text { font-size: 3px; text-anchor: start; }
            .title-block .title { font-size: 4.2px; font-weight: 600; }
            .title-block .small { fill: var(--ink-soft); font-weight: 400; }
            .title-block .middle { text-anchor: middle; }
            .bar { fill: var(--ink); }
            .bar-line { fill: none; stroke: var(--ink); stroke-width: .2px; }
            CSS;
    }
}
