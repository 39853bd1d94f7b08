<?php

declare(strict_types=1);

namespace Heurema\Ifc\Step;

/** Strings of a STEP physical file (ISO 10303-21, 6.4.3): quotes are doubled, letters beyond ASCII are written with control directives. */
final class Text
{
    /** @param string $written between its quotes */
    public static function read(string $written): string
    {
        $text = str_replace("''", "'", $written);
        if (!str_contains($text, '\\')) {
            return self::asUtf8($text);
        }
        $decode = static fn(string $hex, string $from): string => (string) mb_convert_encoding((string) hex2bin($hex), 'UTF-8', $from);
        $text = (string) preg_replace_callback(
            '~\\\\X2\\\\((?:[0-9A-F]{4})+)\\\\X0\\\\~i',
            static fn(array $found): string => $decode($found[1], 'UTF-16BE'),
            self::asUtf8($text),
        );
        $text = (string) preg_replace_callback(
            '~\\\\X4\\\\((?:[0-9A-F]{8})+)\\\\X0\\\\~i',
            static fn(array $found): string => $decode($found[1], 'UTF-32BE'),
            $text,
        );
        $text = (string) preg_replace_callback(
            '~\\\\X\\\\([0-9A-F]{2})~i',
            static fn(array $found): string => $decode($found[1], 'ISO-8859-1'),
            $text,
        );
        $text = (string) preg_replace_callback(
            '~\\\\S\\\\([\x20-\x7e])~',
            static fn(array $found): string => $decode(bin2hex(chr(ord($found[1]) + 128)), 'ISO-8859-1'),
            $text,
        );

        return str_replace('\\\\', '\\', (string) preg_replace('~\\\\P[A-I]\\\\~', '', $text));
    }

    /** Between quotes; letters beyond ASCII as UTF-16 in hexadecimal. */
    public static function write(string $text): string
    {
        $plain = str_replace(['\\', "'"], ['\\\\', "''"], $text);

        return (string) preg_replace_callback(
            '~[^\x20-\x7e]+~u',
            static fn(array $found): string => '\\X2\\'.strtoupper(bin2hex(mb_convert_encoding($found[0], 'UTF-16BE', 'UTF-8'))).'\\X0\\',
            $plain,
        );
    }

    /** Many writers put letters beyond ASCII as they are, in UTF-8 or in Latin 1. */
    private static function asUtf8(string $text): string
    {
        return mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'ISO-8859-1');
    }
}
