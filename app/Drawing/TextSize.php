<?php

declare(strict_types=1);

namespace App\Drawing;

/** How much room a text takes in the typeface of the pages: a little more than it does, for it is measured without the font. */
final class TextSize
{
    private const NARROW = '/[ijltfrI.,:;\'"’″′ ()\[\]|!\/-]/u';
    private const WIDE = '/[MW@%mw≈⁄—]/u';

    /** Shares of the size of the letters. */
    private const WIDTHS = ['narrow' => 0.38, 'usual' => 0.64, 'wide' => 0.94];
    private const HEIGHT = 1.1;

    /**
     * @param float $size of its letters, px
     *
     * @return float px
     */
    public static function width(string $text, float $size): float
    {
        $narrow = (int) preg_match_all(self::NARROW, $text);
        $wide = (int) preg_match_all(self::WIDE, $text);
        $usual = mb_strlen($text) - $narrow - $wide;

        return $size * ($narrow * self::WIDTHS['narrow'] + $wide * self::WIDTHS['wide'] + $usual * self::WIDTHS['usual']);
    }

    /** Of one line, px. */
    public static function height(float $size): float
    {
        return $size * self::HEIGHT;
    }
}
