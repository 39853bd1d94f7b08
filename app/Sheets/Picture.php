<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Files\Converter;
use App\Files\UnfinishedConversion;

/** A drawing in SVG as a PNG, by rsvg-convert with the fonts that ship with Heurema. */
final class Picture
{
    private const SECONDS = 30;

    /**
     * @param int $width pixels
     *
     * @throws UnfinishedConversion
     */
    public function of(string $svg, int $width): string
    {
        return (new Converter(self::SECONDS))->run(
            ['rsvg-convert', '--format=png', "--width={$width}", '--keep-aspect-ratio'],
            $svg,
            ['FONTCONFIG_FILE' => (new PaperFonts())->configuration()],
        );
    }
}
