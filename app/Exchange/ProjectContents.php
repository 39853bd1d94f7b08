<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Files\BrokenArchive;
use App\Files\SealedArchive;
use App\Letters\SentLetter;
use App\Pictures\PictureFile;
use App\Pictures\UnreadablePicture;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Schema\UnreadableLayout;

/**
 * What the archive of a project holds, each value of the kind that it is to be; archives may have been made to hurt.
 *
 * @phpstan-import-type Part from ProjectRecord
 */
final readonly class ProjectContents
{
    /** Bytes of the archive as it comes in, of all that it unpacks to, and how many files it may hold. */
    public const LARGEST_BYTES = 48 * 1024 * 1024;
    private const MOST_BYTES = 400 * 1024 * 1024;
    private const MOST_FILES = 2000;

    /** @param Part $record everything but the documents that it names */
    private function __construct(private SealedArchive $archive, public array $record) {}

    /** @throws UnreadableProject */
    public static function read(string $path): self
    {
        try {
            $archive = SealedArchive::open($path, ProjectArchive::FORMAT, self::MOST_FILES, self::MOST_BYTES);

            return new self($archive, ProjectRecord::read($archive->text(ProjectArchive::RECORD)));
        } catch (BrokenArchive $e) {
            throw new UnreadableProject($e->getMessage(), previous: $e);
        }
    }

    /**
     * A layout as its document.
     *
     * @throws UnreadableProject when it is none
     */
    public function layout(string $name): string
    {
        $text = $this->text($name);
        try {
            (new LayoutReader())->read($text);
        } catch (UnreadableLayout $e) {
            throw new UnreadableProject("{$name}: {$e->getMessage()}", previous: $e);
        }

        return $text;
    }

    /** @throws UnreadableProject when it is none of ours */
    public function letter(string $name): string
    {
        $html = $this->text($name);

        return SentLetter::isPlain($html) ? $html : throw new UnreadableProject(__(':name holds what no letter holds.', ['name' => $name]));
    }

    /** @throws UnreadableProject when it is none that can be drawn over */
    public function picture(string $name): PictureFile
    {
        try {
            return PictureFile::of($this->text($name));
        } catch (UnreadablePicture $e) {
            throw new UnreadableProject("{$name}: {$e->getMessage()}", previous: $e);
        }
    }

    /** @throws UnreadableProject when there is none */
    public function text(string $name): string
    {
        try {
            return $this->archive->text($name);
        } catch (BrokenArchive $e) {
            throw new UnreadableProject($e->getMessage(), previous: $e);
        }
    }

    /** @return array<string, string> the texts of the rule books, by id */
    public function books(): array
    {
        $books = [];
        foreach ($this->archive->names() as $name) {
            if (preg_match('~^books/([a-z0-9-]+)\.yaml$~D', $name, $found) === 1) {
                $books[$found[1]] = $this->text($name);
            }
        }

        return $books;
    }
}
