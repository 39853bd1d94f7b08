<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Letters\LetterPdf;
use App\Letters\SentLetter;
use App\Models\Letter;
use Database\Seeders\DemoOfficeSeeder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Letters on paper: on the office's own, with drawings that are drawings, and tagged. */
final class LetterPdfTest extends TestCase
{
    use RefreshDatabase;

    /** Sides in points: ISO 216, ANSI Y14.1, from memory; a browser sets them to a pixel of 0.75 pt. */
    public function test_a_letter_is_set_on_the_paper_of_the_office(): void
    {
        $this->app->make(DemoOfficeSeeder::class)->run();
        $revision = Letter::query()->latest('id')->firstOrFail()->revision;
        $this->actingAs($revision->letters()->firstOrFail()->user);
        foreach ([[null, 612.0, 792.0], ['A4', 595.28, 841.89], ['Legal', 612.0, 1008.0]] as [$paper, $width, $height]) {
            $revision->scheme->project->office->update(['paper' => $paper]);
            $html = (string) $this->get("/revisions/{$revision->id}/letter/paper")->assertOk()->getContent();
            self::assertTrue(SentLetter::isPlain($html));
            $info = $this->said($this->app->make(LetterPdf::class)->print($html), 'pdfinfo', '-');
            self::assertSame(1, preg_match('~Page size: +([\d.]+) x ([\d.]+)~', $info, $found));
            self::assertEqualsWithDelta([$width, $height], [(float) $found[1], (float) $found[2]], 0.75);
        }
    }

    public function test_its_drawings_are_vectors_with_texts_and_all_of_it_is_tagged(): void
    {
        $this->app->make(DemoOfficeSeeder::class)->run();
        $pdf = $this->app->make(LetterPdf::class)->print(Letter::query()->latest('id')->firstOrFail()->html);
        self::assertSame(2, substr_count($this->said($pdf, 'pdfimages', '-list', '-'), "\n"), 'only the heading of the list');
        self::assertStringContainsString('required', $this->said($pdf, 'pdftotext', '-', '-'));
        $structure = $this->said($pdf, 'pdfinfo', '-struct', '-');
        foreach (['H1', 'H2', 'P', 'Table', 'TH', 'Figure', 'L'] as $tag) {
            self::assertMatchesRegularExpression("~^ *{$tag}\\b~m", $structure, $tag);
        }
        self::assertStringContainsString('/Outlines', $pdf);
    }

    /** What was sent before letters said their paper is set on the one that they were sent on. */
    public function test_an_older_letter_keeps_its_paper_and_runs_nothing(): void
    {
        $html = '<!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><title>Old</title><style>@page { margin: 18mm; }</style></head>'
            .'<body><p>Before</p><p id="x">unchanged</p><script>document.getElementById("x").textContent = "changed";</script>'
            .'<img src="file:///etc/hostname" alt="nothing"></body></html>';
        $pdf = $this->app->make(LetterPdf::class)->print($html);
        self::assertStringContainsString('612 x 792', $this->said($pdf, 'pdfinfo', '-'));
        self::assertStringContainsString('unchanged', $this->said($pdf, 'pdftotext', '-', '-'));
    }

    private function said(string $pdf, string ...$command): string
    {
        return (new Process(array_values($command), input: $pdf))->mustRun()->getOutput();
    }
}
