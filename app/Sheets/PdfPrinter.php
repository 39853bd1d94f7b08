<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Files\Converter;
use App\Files\TemporaryFile;
use App\Files\UnfinishedConversion;
use Illuminate\Support\Facades\File;

/**
 * Prints pages into a PDF with headless Chromium and the fonts that ship with Heurema: drawings stay vectors and texts texts, headings make
 * the bookmarks, and what has a role is tagged with it. Pages run no scripts and bring nothing from elsewhere.
 */
final class PdfPrinter
{
    private const SECONDS = 30;

    private const FLAGS = [
        '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-extensions', '--disable-sync',
        '--disable-background-networking', '--disable-component-update', '--disable-crash-reporter', '--disable-breakpad',
        '--no-first-run', '--js-flags=--jitless', '--host-resolver-rules=MAP * ~NOTFOUND',
        '--no-pdf-header-footer', '--export-tagged-pdf', '--generate-pdf-document-outline',
    ];

    private const POLICY = '<meta http-equiv="Content-Security-Policy" '
        .'content="default-src \'none\'; style-src \'unsafe-inline\'; img-src data:">';

    /**
     * Sheets as the pages of one PDF, each as large as it was drawn.
     *
     * @param non-empty-list<string> $svgs
     *
     * @throws UnfinishedConversion
     */
    public function sheets(array $svgs, string $title): string
    {
        $styles = $pages = '';
        foreach ($svgs as $number => $svg) {
            [$width, $height] = self::size($svg);
            $styles .= "@page p{$number} { margin: 0; size: {$width}mm {$height}mm; } .p{$number} { page: p{$number}; }";
            // styles of one sheet are not those of another
            $pages .= "<section class=\"p{$number}\">".SheetStyle::within($svg, ".p{$number}").'</section>';
        }

        return $this->page(
            '<!DOCTYPE html><html lang="'.app()->getLocale().'"><head><meta charset="utf-8"><title>'.e($title).'</title><style>'
            ."body { margin: 0; font-variant-ligatures: none; } svg { display: block; overflow: hidden; } {$styles}</style></head>"
            ."<body>{$pages}</body></html>",
        );
    }

    /**
     * A page of HTML that is complete in itself.
     *
     * @throws UnfinishedConversion
     */
    public function page(string $html): string
    {
        $guarded = (string) preg_replace('~<head>~', '<head>'.self::POLICY, $html, 1);

        return TemporaryFile::with('page', function (string $path) use ($guarded): string {
            file_put_contents("{$path}.html", $guarded);
            try {
                (new Converter(self::SECONDS, null))->run(
                    ['chromium', ...self::FLAGS, "--user-data-dir={$path}-profile", "--print-to-pdf={$path}.pdf", "file://{$path}.html"],
                    environment: [
                        'FONTCONFIG_FILE' => (new PaperFonts())->configuration(), 'HOME' => "{$path}-profile",
                        'DBUS_SESSION_BUS_ADDRESS' => '/dev/null',
                    ],
                );
                $pdf = is_file("{$path}.pdf") ? file_get_contents("{$path}.pdf") : false;
            } finally {
                File::deleteDirectory("{$path}-profile");
            }

            return $pdf === false ? throw UnfinishedConversion::refused('chromium', 'It printed nothing.') : $pdf;
        });
    }

    /** @return array{string, string} width and height, mm */
    private static function size(string $svg): array
    {
        return preg_match('~<svg[^>]*? width="([\d.]+)mm" height="([\d.]+)mm"~', $svg, $found) === 1
            ? [$found[1], $found[2]]
            : throw new \LogicException('A sheet without its size.');
    }
}
