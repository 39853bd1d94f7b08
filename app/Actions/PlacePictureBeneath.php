<?php

declare(strict_types=1);

namespace App\Actions;

use App\Files\StoredFile;
use App\Files\UnwrittenFile;
use App\Models\PendingPage;
use App\Models\PictureBeneath;
use App\Models\Scheme;
use App\Pictures\PdfPage;
use App\Pictures\PictureFile;
use Heurema\Drafting\PlacedPicture;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** Lays a picture under a storey, in place of one that lies there; a page of a PDF once it has been drawn off the queue. */
final readonly class PlacePictureBeneath
{
    /** Seconds after which a page that is not drawn yet is asked for again. */
    private const PATIENCE = 120;

    public function __construct(private Repository $cache) {}

    /** @throws UnwrittenFile when there is no room for it; the one before stays */
    public function lay(Scheme $scheme, string $storey, PictureFile $picture): void
    {
        self::putting($picture->extension, $picture->content, static function (string $file) use ($scheme, $storey, $picture): void {
            $before = $scheme->pictures()->where('storey', $storey)->first();
            $scheme->pictures()->updateOrCreate(
                ['storey' => $storey],
                ['file' => $file, ...PictureBeneath::place(PlacedPicture::of($picture->width, $picture->height))],
            );
            self::drop($scheme->pages()->where('storey', $storey)->first());
            self::whenWritten($before?->file);
        });
    }

    /** @throws UnwrittenFile when there is no room for it; what was there before stays */
    public function layPage(Scheme $scheme, string $storey, PdfPage $page): void
    {
        self::putting('pdf', $page->content, static function (string $file) use ($scheme, $storey, $page): void {
            self::drop($scheme->pages()->where('storey', $storey)->first());
            $scheme->pages()->create(['storey' => $storey, 'file' => $file, 'number' => $page->number]);
        });
        $this->await($scheme->pages()->where('storey', $storey)->firstOrFail());
    }

    /** Sees to it that somebody draws a page; whoever waits for it asks again and again. */
    public function await(PendingPage $page): void
    {
        if ($page->refused === null && $this->cache->add("drawing page {$page->id}", true, self::PATIENCE)) {
            // whoever works it off looks for the page at once
            DrawPage::dispatch($page->id)->afterCommit();
        }
    }

    public function takeAway(PictureBeneath $beneath): void
    {
        $beneath->delete();
        Storage::disk(PictureBeneath::DISK)->delete($beneath->file);
    }

    public static function drop(?PendingPage $page): void
    {
        $page?->delete();
        self::whenWritten($page?->file);
    }

    /** @param callable(string): void $write is given where the file lies; without what it writes the file is gone again */
    private static function putting(string $extension, string $content, callable $write): void
    {
        $file = 'pictures/'.Str::random(40).".{$extension}";
        StoredFile::put(Storage::disk(PictureBeneath::DISK), $file, $content);
        try {
            DB::transaction(static fn() => $write($file));
        } catch (\Throwable $e) {
            Storage::disk(PictureBeneath::DISK)->delete($file);

            throw $e;
        }
    }

    /** A file goes once nothing that is written names it. */
    private static function whenWritten(?string $file): void
    {
        if ($file !== null) {
            DB::afterCommit(static fn() => Storage::disk(PictureBeneath::DISK)->delete($file));
        }
    }
}
