<?php

declare(strict_types=1);

namespace App\Intake;

use App\Files\TemporaryFile;
use Heurema\Ifc\Mapping\Import;
use Heurema\Ifc\Mapping\ModelReader;
use Heurema\Ifc\Step\StepFile;
use Heurema\Ifc\Step\UnreadableFile;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Schema\UnreadableLayout;

/** A home as it comes in: a layout document, an open building model as a STEP physical file, or one in a ZIP archive. */
final readonly class HomeFile
{
    /** As it comes in; a layout may be no larger than its reader says. */
    public const LARGEST_BYTES = 48 * 1024 * 1024;

    private const ZIP = "PK\x03\x04";

    /** An archive of one model has few entries. */
    private const MOST_ENTRIES = 20;

    /** @param Import|null $import what became of each element of a building model; null: it is a layout document */
    private function __construct(public Layout $layout, public ?Import $import) {}

    /** @throws UnreadableHomeFile */
    public static function read(string $content): self
    {
        try {
            if (str_starts_with($content, self::ZIP)) {
                return self::model(self::unpacked($content));
            }

            return str_starts_with(ltrim(substr($content, 0, 200), "\xEF\xBB\xBF \t\r\n"), 'ISO-10303-21')
                ? self::model($content)
                : new self((new LayoutReader())->read($content), null);
        } catch (UnreadableLayout|UnreadableFile $e) {
            throw new UnreadableHomeFile($e->getMessage(), previous: $e);
        }
    }

    /** @return list<ImportedElement>|null what became of each element of a building model; null: it is none */
    public function imported(): ?array
    {
        return $this->import === null ? null : ImportedElement::of($this->import, $this->layout);
    }

    private static function model(string $text): self
    {
        $import = ModelReader::read($text);

        return new self($import->layout, $import);
    }

    /** The model in an archive. */
    private static function unpacked(string $content): string
    {
        return TemporaryFile::with('model', static function (string $path) use ($content): string {
            file_put_contents($path, $content);
            $zip = new \ZipArchive();
            if ($zip->open($path, \ZipArchive::RDONLY) !== true || $zip->numFiles > self::MOST_ENTRIES) {
                throw new UnreadableHomeFile(__('The archive cannot be opened, or holds more than :mostEntries files.', [
                    'mostEntries' => self::MOST_ENTRIES,
                ]));
            }
            for ($number = 0; $number < $zip->numFiles; ++$number) {
                $entry = $zip->statIndex($number);
                if ($entry !== false && preg_match('~\.ifc$~i', $entry['name']) === 1) {
                    if ($entry['size'] > StepFile::LARGEST_BYTES) {
                        $most = intdiv(StepFile::LARGEST_BYTES, 1024 * 1024);

                        throw new UnreadableHomeFile(__('The model in the archive is larger than :most MB.', ['most' => $most]));
                    }
                    $text = $zip->getFromIndex($number, StepFile::LARGEST_BYTES + 1);
                    $zip->close();

                    return $text === false ? throw new UnreadableHomeFile(__('The archive is broken.')) : $text;
                }
            }
            throw new UnreadableHomeFile(__('There is no .ifc file in the archive.'));
        });
    }
}
