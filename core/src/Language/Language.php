<?php

declare(strict_types=1);

namespace Heurema\Language;

/** A language that pages, findings and letters are read in, by its code in ISO 639-1. */
enum Language: string
{
    case English = 'en';
    case Spanish = 'es';

    /** What those who speak it call it. */
    public function name(): string
    {
        return match ($this) {
            self::English => 'English',
            self::Spanish => 'Español',
        };
    }

    /** What stands between whole numbers and decimals. */
    public function decimalMark(): string
    {
        return match ($this) {
            self::English => '.',
            self::Spanish => ',',
        };
    }
}
