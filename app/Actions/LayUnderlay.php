<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exchange\StoredFile;
use App\Exchange\UnwrittenFile;
use App\Models\Scheme;
use App\Models\Underlay;
use App\Tracing\PictureFile;
use Heurema\Drafting\TracedPicture;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** Lays a picture under a storey, in place of one that lies there. */
final class LayUnderlay
{
    /** @throws UnwrittenFile when there is no room for it; the one before stays */
    public function lay(Scheme $scheme, string $storey, PictureFile $picture): Underlay
    {
        $file = 'underlays/'.Str::random(40).".{$picture->extension}";
        $disk = Storage::disk(Underlay::DISK);
        StoredFile::put($disk, $file, $picture->content);
        try {
            $before = $scheme->underlays()->where('storey', $storey)->first();
            $underlay = $scheme->underlays()->updateOrCreate(['storey' => $storey], ['file' => $file, ...Underlay::place(TracedPicture::of($picture->width, $picture->height))]);
        } catch (\Throwable $e) {
            $disk->delete($file);

            throw $e;
        }
        if ($before !== null) {
            $disk->delete($before->file);
        }

        return $underlay;
    }

    public function takeAway(Underlay $underlay): void
    {
        $underlay->delete();
        Storage::disk(Underlay::DISK)->delete($underlay->file);
    }
}
