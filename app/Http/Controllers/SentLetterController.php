<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\LetterFile;
use App\Letters\PrintedLetters;
use App\Models\Letter;
use Illuminate\Http\Response;

/** A letter as it was sent. */
final class SentLetterController
{
    public function show(Letter $letter): Response
    {
        return response($letter->html);
    }

    public function pdf(Letter $letter, PrintedLetters $printed): Response
    {
        return LetterFile::printed($letter->revision, $printed->of($letter->html));
    }
}
