<?php

declare(strict_types=1);

namespace App\Examination;

use Heurema\Rulebook\BookReader;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookReader;

/** Reads a rule book once and keeps it as it was understood, until its file or the code that understands it changes. */
final readonly class KeptBookReader implements BookReader
{
    /** @param string $code another one whenever the code that understands books is another */
    public function __construct(private RuleBookReader $reader, private string $folder, private string $code) {}

    public function readFile(string $file): RuleBook
    {
        $kept = "{$this->folder}/".basename($file, '.yaml').'-'.$this->stamp($file);
        $book = is_file($kept) ? self::restored((string) file_get_contents($kept)) : null;
        if ($book === null) {
            $book = $this->reader->readFile($file);
            $this->keep($kept, $book);
        }

        return $book;
    }

    /** Null when it is none: cut off, or written by code that had other classes. */
    private static function restored(string $kept): ?RuleBook
    {
        try {
            $book = @unserialize($kept);
        } catch (\Throwable) {
            return null;
        }

        return $book instanceof RuleBook ? $book : null;
    }

    private function stamp(string $file): string
    {
        // a book may amend another one beside it
        $books = glob(dirname($file).'/*.yaml');
        $times = array_map(static fn(string $file): string => $file.filemtime($file), $books === false ? [] : $books);

        return sha1($this->code.implode(' ', $times).sha1_file($file));
    }

    /** Written beside and moved into place, so that nobody reads half a book. */
    private function keep(string $kept, RuleBook $book): void
    {
        if (!is_dir($this->folder)) {
            @mkdir($this->folder, recursive: true);
        }
        $new = $kept.'.'.bin2hex(random_bytes(6));
        if (@file_put_contents($new, serialize($book)) !== false) {
            rename($new, $kept);
        }
    }
}
