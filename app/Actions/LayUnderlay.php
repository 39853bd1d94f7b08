<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Scheme;
use App\Models\Underlay;
use App\Tracing\PictureFile;
use Heurema\Drafting\TracedPicture;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** Lays a picture under a storey, in place of one that lies there. */
final class LayUnderlay
{
    public function lay(Scheme $scheme, string $storey, PictureFile $picture): Underlay
    {
        $file = 'underlays/'.Str::random(40).".{$picture->extension}";
        Storage::disk(Underlay::DISK)->put($file, $picture->content);
        $before = $scheme->underlays()->where('storey', $storey)->first();
        $underlay = $scheme->underlays()->updateOrCreate(['storey' => $storey], ['file' => $file, ...Underlay::place(TracedPicture::of($picture->width, $picture->height))]);
        if ($before !== null) {
            Storage::disk(Underlay::DISK)->delete($before->file);
        }

        return $underlay;
    }

    public function takeAway(Underlay $underlay): void
    {
        $underlay->delete();
        Storage::disk(Underlay::DISK)->delete($underlay->file);
    }
}
