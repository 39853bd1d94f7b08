<?php

declare(strict_types=1);

namespace App\Files;

/**
 * A ZIP archive whose `manifest.json` holds the SHA-256 sum of every other file in it: what is missing, was damaged or changed on the way
 * is known before anything of it is used.
 */
final readonly class SealedArchive
{
    private const MANIFEST = 'manifest.json';
    private const LARGEST_MANIFEST = 1_000_000;

    /** @param array<string, string> $sums by file */
    private function __construct(private \ZipArchive $zip, private array $sums) {}

    /**
     * @param string                $format what the archive is, with its version
     * @param array<string, string> $files  contents by name
     *
     * @throws UnwrittenFile
     */
    public static function write(string $format, array $files, string $made): string
    {
        $manifest = [
            'format' => $format, 'made' => $made, 'files' => array_map(static fn(string $one): string => hash('sha256', $one), $files),
        ];

        return TemporaryFile::archive('sealed', static function (\ZipArchive $zip) use ($files, $manifest): void {
            $zip->addFromString(
                self::MANIFEST,
                json_encode($manifest, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE),
            );
            foreach ($files as $name => $content) {
                $zip->addFromString($name, $content);
            }
        });
    }

    /**
     * @param int $mostFiles that it may hold
     * @param int $mostBytes that they may unpack to, all together
     *
     * @throws BrokenArchive when it is none of this format, or not as it was sealed
     */
    public static function open(string $path, string $format, int $mostFiles, int $mostBytes): self
    {
        $zip = new \ZipArchive();
        if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw new BrokenArchive(__('This is no archive, or it is broken.'));
        }
        $manifest = json_decode((string) $zip->getFromName(self::MANIFEST, self::LARGEST_MANIFEST), true);
        $sums = is_array($manifest) && ($manifest['format'] ?? null) === $format ? $manifest['files'] ?? null : null;
        if (!is_array($sums)) {
            throw new BrokenArchive(__('This archive is not of the form :format.', ['format' => $format]));
        }
        if ($zip->numFiles !== count($sums) + 1 || count($sums) > $mostFiles) {
            throw new BrokenArchive(__('The archive does not hold the files that its manifest names.'));
        }

        return new self($zip, self::checked($zip, $sums, $mostBytes));
    }

    /** @throws BrokenArchive when there is none */
    public function text(string $name): string
    {
        $text = isset($this->sums[$name]) ? $this->zip->getFromName($name) : false;

        return $text === false ? throw new BrokenArchive(__('The archive has no file :name.', ['name' => $name])) : $text;
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_keys($this->sums);
    }

    /**
     * @param array<mixed> $sums
     *
     * @return array<string, string>
     */
    private static function checked(\ZipArchive $zip, array $sums, int $mostBytes): array
    {
        $checked = [];
        foreach ($sums as $name => $sum) {
            $name = (string) $name;
            $entry = $zip->statName($name);
            $mostBytes -= $entry === false ? 0 : $entry['size'];
            if ($mostBytes < 0) {
                throw new BrokenArchive(__('The archive unpacks to more than is taken.'));
            }
            if ($entry === false || !is_string($sum) || self::sum($zip, $name, $entry['size']) !== $sum) {
                throw new BrokenArchive(__('The archive is damaged: :name is not what was put in.', ['name' => $name]));
            }
            $checked[$name] = $sum;
        }

        return $checked;
    }

    /** Null when it is longer than it says, or cannot be unpacked. */
    private static function sum(\ZipArchive $zip, string $name, int $size): ?string
    {
        $stream = $zip->getStream($name);
        if ($stream === false) {
            return null;
        }
        $hash = hash_init('sha256');
        $read = hash_update_stream($hash, $stream, $size + 1);
        fclose($stream);

        return $read === $size ? hash_final($hash) : null;
    }
}
