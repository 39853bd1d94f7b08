<?php

declare(strict_types=1);

namespace App\Security;

/** Bytes as letters and the figures 2 to 7 (RFC 4648, section 6), without the padding that people would only mistype. */
final class Base32
{
    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    public static function encode(string $bytes): string
    {
        $bits = implode(
            '',
            array_map(static fn(string $byte): string => sprintf('%08b', ord($byte)), $bytes === '' ? [] : str_split($bytes)),
        );

        return implode(
            '',
            array_map(
                static fn(string $five): string => self::ALPHABET[(int) bindec(str_pad($five, 5, '0'))],
                $bits === '' ? [] : str_split($bits, 5),
            ),
        );
    }

    /** @throws \InvalidArgumentException when there are other letters in it */
    public static function decode(string $text): string
    {
        $letters = rtrim(strtoupper(str_replace([' ', '-'], '', $text)), '=');
        $bits = '';
        foreach ($letters === '' ? [] : str_split($letters) as $letter) {
            $value = strpos(self::ALPHABET, $letter);
            if ($value === false) {
                throw new \InvalidArgumentException("\"{$letter}\" is no letter of base 32.");
            }
            $bits .= sprintf('%05b', $value);
        }
        $whole = substr($bits, 0, intdiv(strlen($bits), 8) * 8);

        return implode(
            '',
            array_map(static fn(string $eight): string => chr((int) bindec($eight)), $whole === '' ? [] : str_split($whole, 8)),
        );
    }
}
