<?php

declare(strict_types=1);

namespace App\Tracing;

use App\Exchange\Converter;
use App\Exchange\TemporaryFile;
use App\Exchange\UnfinishedConversion;
use Illuminate\Http\UploadedFile;

/** A picture that was handed in to be traced: PNG, JPEG, or one page of a PDF drawn as PNG. */
final readonly class PictureFile
{
    private const LARGEST_SIDE = 12_000;
    private const MOST_PIXELS = 60_000_000;

    /** The longer side of a page of a PDF, px. */
    private const PAGE_PIXELS = 3000;

    /** Of the processor, for a page. */
    private const SECONDS = 5;

    private function __construct(public string $content, public string $extension, public int $width, public int $height) {}

    /**
     * @param int $page of a PDF, from 1
     *
     * @throws UnreadablePicture
     */
    public static function read(UploadedFile $file, int $page): self
    {
        $content = (string) $file->get();

        return str_starts_with($content, '%PDF-') ? self::picture(self::drawn($file->getPathname(), $page)) : self::picture($content);
    }

    private static function picture(string $content): self
    {
        $size = @getimagesizefromstring($content);
        $extension = $size === false ? null : [IMAGETYPE_PNG => 'png', IMAGETYPE_JPEG => 'jpg'][$size[2]] ?? null;
        if ($size === false || $extension === null) {
            throw new UnreadablePicture('Choose a PNG or JPEG picture, or a PDF.');
        }
        [$width, $height] = $size;
        if ($width < 10 || $height < 10 || max($width, $height) > self::LARGEST_SIDE || $width * $height > self::MOST_PIXELS) {
            throw new UnreadablePicture('The picture is to be between 10 and 12000 pixels wide and high, and 60 million in all.');
        }

        return new self($content, $extension, $width, $height);
    }

    /** One page of a PDF, drawn by pdftoppm. */
    private static function drawn(string $path, int $page): string
    {
        $png = TemporaryFile::with('page', static function (string $out) use ($path, $page): string|false {
            try {
                (new Converter(self::SECONDS))->run(['pdftoppm', '-png', '-singlefile', '-f', (string) $page, '-l', (string) $page, '-scale-to', (string) self::PAGE_PIXELS, $path, $out]);
            } catch (UnfinishedConversion $e) {
                throw new UnreadablePicture($e->isTooLong ? 'The page takes too long to draw. Hand it in as a picture.' : "The PDF has no page {$page} that can be drawn.");
            }

            return is_file("{$out}.png") ? file_get_contents("{$out}.png") : false;
        });

        return is_string($png) && $png !== '' ? $png : throw new UnreadablePicture("The PDF has no page {$page} that can be drawn.");
    }
}
