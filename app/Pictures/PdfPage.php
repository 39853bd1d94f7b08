<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Files\Converter;
use App\Files\TemporaryFile;
use App\Files\UnfinishedConversion;

/** A page of a PDF that was handed in to be drawn over. To draw it may take long: that is for the queue. */
final readonly class PdfPage
{
    /** The longer side of its picture, px. */
    private const PIXELS = 3000;

    /** Of the processor. */
    private const SECONDS = 10;

    /** @param int $number from 1 */
    public function __construct(public string $content, public int $number) {}

    /**
     * As pdftoppm draws it, under limits of time, memory and size.
     *
     * @throws UnreadablePicture
     */
    public function draw(): PictureFile
    {
        $png = TemporaryFile::with('page', function (string $pdf): string|false {
            if (file_put_contents($pdf, $this->content) !== strlen($this->content)) {
                return false;
            }
            try {
                (new Converter(self::SECONDS))->run([
                    'pdftoppm', '-png', '-singlefile', '-f', (string) $this->number, '-l', (string) $this->number, '-scale-to',
                    (string) self::PIXELS, $pdf, "{$pdf}-drawn",
                ]);
            } catch (UnfinishedConversion $e) {
                throw new UnreadablePicture(
                    $e->isTooLong ? __('The page takes too long to draw. Hand it in as a picture.') : $this->isMissing(),
                );
            }

            return is_file("{$pdf}-drawn.png") ? file_get_contents("{$pdf}-drawn.png") : false;
        });

        return PictureFile::of(is_string($png) && $png !== '' ? $png : throw new UnreadablePicture($this->isMissing()));
    }

    private function isMissing(): string
    {
        return __('The PDF has no page :number that can be drawn.', ['number' => $this->number]);
    }
}
