<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Files\Converter;
use App\Files\TemporaryFile;
use App\Files\UnfinishedConversion;

/**
 * Prints sheets that were drawn as SVG into a PDF of the same size or a picture, with rsvg-convert and the fonts that ship with Heurema.
 */
final class PdfPrinter
{
    private const SECONDS = 30;

    /**
     * Sheets as the pages of one PDF. Throws UnfinishedConversion.
     *
     * @param list<string> $svgs, at least one
     */
    public function print(array $svgs): string
    {
        return TemporaryFile::with('page', function (string $path) use ($svgs): string {
            $files = [];
            foreach ($svgs as $number => $svg) {
                $files[] = $file = "{$path}-{$number}.svg";
                file_put_contents($file, $svg);
            }

            return $this->convert(null, ['--format=pdf', ...$files]);
        });
    }

    /**
     * The same as a PNG.
     *
     * @param int $width pixels
     *
     * @throws UnfinishedConversion
     */
    public function picture(string $svg, int $width): string
    {
        return $this->convert($svg, ['--format=png', "--width={$width}", '--keep-aspect-ratio']);
    }

    /** @param list<string> $options */
    private function convert(?string $svg, array $options): string
    {
        return (new Converter(self::SECONDS))->run(['rsvg-convert', ...$options], $svg, ['FONTCONFIG_FILE' => $this->fonts()]);
    }

    private function fonts(): string
    {
        $file = storage_path('framework/cache/fonts.conf');
        if (!is_file($file)) {
            $folder = e(storage_path('app/fonts'));
            $cache = e(storage_path('framework/cache/fontconfig'));
            file_put_contents($file, <<<XML
                <?xml version="1.0"?>
                <!DOCTYPE fontconfig SYSTEM "urn:fontconfig:fonts.dtd">
                <fontconfig>
                    <include ignore_missing="yes">/etc/fonts/fonts.conf</include>
                    <dir>{$folder}</dir>
                    <cachedir>{$cache}</cachedir>
                </fontconfig>
                XML);
        }

        return $file;
    }
}
