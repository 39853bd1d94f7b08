<?php

declare(strict_types=1);

namespace App\Sheets;

/** Fields of a title block as they are typed: one a line, its label before a colon. */
final class SheetFields
{
    public const MOST = 8;
    public const LONGEST_LABEL = 30;
    public const LONGEST_VALUE = 60;

    /**
     * @return list<array{string, string}>
     *
     * @throws \InvalidArgumentException with a sentence for whoever typed it
     */
    public static function read(string $typed): array
    {
        $fields = [];
        foreach (explode("\n", str_replace("\r", '', trim($typed))) as $number => $line) {
            if (trim($line) === '') {
                continue;
            }
            [$label, $value] = array_map(trim(...), [...explode(':', $line, 2), '']);
            if ($label === '' || !str_contains($line, ':')) {
                throw new \InvalidArgumentException(__('Line :number: write a label, a colon and what it holds.', [
                    'number' => $number + 1,
                ]));
            }
            if (mb_strlen($label) > self::LONGEST_LABEL || mb_strlen($value) > self::LONGEST_VALUE) {
                throw new \InvalidArgumentException(__(
                    'Line :number: a label has at most :longestLabel letters, what it holds :longestValue.',
                    ['number' => $number + 1, 'longestLabel' => self::LONGEST_LABEL, 'longestValue' => self::LONGEST_VALUE],
                ));
            }
            $fields[] = [$label, $value];
        }

        return count($fields) > self::MOST
            ? throw new \InvalidArgumentException(__('A title block has at most :most fields.', ['most' => self::MOST]))
            : $fields;
    }

    /** @param list<array{string, string}> $fields */
    public static function write(array $fields): string
    {
        return implode("\n", array_map(static fn(array $field): string => "{$field[0]}: {$field[1]}", $fields));
    }

    /**
     * As they are kept; what makes no sense is left out.
     *
     * @return list<array{string, string}>
     */
    public static function from(mixed $kept): array
    {
        $fields = [];
        foreach (is_array($kept) ? $kept : [] as $field) {
            if (is_array($field) && is_string($field[0] ?? null) && is_string($field[1] ?? null)) {
                $fields[] = [$field[0], $field[1]];
            }
        }

        return $fields;
    }
}
