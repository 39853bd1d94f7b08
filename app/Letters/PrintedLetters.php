<?php

declare(strict_types=1);

namespace App\Letters;

use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Storage;

/** Letters as PDFs, each set into pages once, by whoever works off the queue, and kept for whoever asks for it again. */
final readonly class PrintedLetters
{
    public const FOLDER = 'letters';

    /** Seconds after which a letter that is not there yet is asked for again. */
    private const PATIENCE = 60;

    public function __construct(private Repository $cache) {}

    /** Null while it is being set. */
    public function of(string $html): ?string
    {
        $file = self::file($html);
        if (!Storage::disk('local')->exists($file) && $this->cache->add("printing {$file}", true, self::PATIENCE)) {
            PrintLetter::dispatch($html);
        }

        return Storage::disk('local')->get($file);
    }

    public static function file(string $html): string
    {
        return self::FOLDER.'/'.hash('sha256', $html).'.pdf';
    }
}
