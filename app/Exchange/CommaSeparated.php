<?php

declare(strict_types=1);

namespace App\Exchange;

/** A table as CSV (RFC 4180, UTF-8). What a spreadsheet would take for a formula is quoted with an apostrophe. */
final class CommaSeparated
{
    /** @param list<list<string|float|int|bool|null>> $rows */
    public static function of(array $rows): string
    {
        $lines = array_map(static fn(array $cells): string => implode(',', array_map(self::cell(...), $cells)), $rows);

        return implode("\r\n", $lines)."\r\n";
    }

    private static function cell(string|float|int|bool|null $value): string
    {
        $text = is_bool($value) ? ($value ? __('yes') : __('no')) : (string) $value;
        if (is_string($value) && preg_match('/^[=+\-@\t\r]/', $text) === 1) {
            $text = "'{$text}";
        }

        return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
    }
}
