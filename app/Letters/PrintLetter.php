<?php

declare(strict_types=1);

namespace App\Letters;

use App\Files\StoredFile;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Storage;

/** Sets a letter into the pages of a PDF. */
final class PrintLetter implements ShouldQueue
{
    use Queueable;

    public function __construct(private readonly string $html) {}

    public function handle(LetterPdf $pdf): void
    {
        StoredFile::put(Storage::disk('local'), PrintedLetters::file($this->html), $pdf->print($this->html));
    }
}
