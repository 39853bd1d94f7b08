<?php

declare(strict_types=1);

namespace App\Letters;

use App\Files\UnfinishedConversion;
use App\Sheets\PdfPrinter;

/** A letter as PDF, on the paper that it says; its drawings stay drawings, with texts. */
final readonly class LetterPdf
{
    /** What letters that were sent without saying so are set on. */
    private const PAPER = '@page { size: letter; }';

    public function __construct(private PdfPrinter $printer) {}

    /** @throws UnfinishedConversion */
    public function print(string $html): string
    {
        return $this->printer->page((string) preg_replace('~<style>~', '<style>'.self::PAPER, $html, 1));
    }
}
