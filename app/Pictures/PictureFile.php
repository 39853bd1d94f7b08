<?php

declare(strict_types=1);

namespace App\Pictures;

/** A picture that was handed in to be drawn over: PNG or JPEG. */
final readonly class PictureFile
{
    private const LARGEST_SIDE = 12_000;
    private const MOST_PIXELS = 60_000_000;

    private function __construct(public string $content, public string $extension, public int $width, public int $height) {}

    /** @throws UnreadablePicture */
    public static function of(string $content): self
    {
        $size = @getimagesizefromstring($content);
        $extension = $size === false ? null : [IMAGETYPE_PNG => 'png', IMAGETYPE_JPEG => 'jpg'][$size[2]] ?? null;
        if ($size === false || $extension === null) {
            throw new UnreadablePicture(__('Choose a PNG or JPEG picture, or a PDF.'));
        }
        [$width, $height] = $size;
        if ($width < 10 || $height < 10 || max($width, $height) > self::LARGEST_SIDE || $width * $height > self::MOST_PIXELS) {
            throw new UnreadablePicture(__('The picture is to be between 10 and 12000 pixels wide and high, and 60 million in all.'));
        }

        return new self($content, $extension, $width, $height);
    }
}
