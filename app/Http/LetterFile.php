<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Revision;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A letter as a file to take along. */
final class LetterFile
{
    public static function hand(Revision $revision, string $ending, string $type, string $content): Response
    {
        $name = Str::slug("{$revision->scheme->project->name} revision {$revision->number} letter").".{$ending}";

        return response(
            $content,
            200,
            ['Content-Type' => $type, 'Content-Disposition' => ($ending === 'pdf' ? 'inline' : 'attachment')."; filename=\"{$name}\""],
        );
    }

    /** The pages, or one that asks again until they are there. */
    public static function printed(Revision $revision, ?string $pdf): Response
    {
        return $pdf === null ? response()->view('letter.printing', [], 202) : self::hand($revision, 'pdf', 'application/pdf', $pdf);
    }
}
