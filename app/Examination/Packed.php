<?php

declare(strict_types=1);

namespace App\Examination;

/** Long texts as they are kept: compressed, in plain letters. */
final class Packed
{
    public static function pack(string $text): string
    {
        return base64_encode((string) gzcompress($text, 1));
    }

    /** Null when it is not what was packed. */
    public static function unpack(string $packed): ?string
    {
        $text = @gzuncompress((string) base64_decode($packed, true));

        return $text === false ? null : $text;
    }
}
