<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PendingPage;
use App\Models\PictureBeneath;
use App\Pictures\PdfPage;
use App\Pictures\UnreadablePicture;
use App\Queue\Once;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Storage;

/** Draws a page of a PDF and lays it under its storey. */
final class DrawPage implements ShouldQueue
{
    use Queueable;

    public function __construct(private readonly int $page)
    {
        $this->through(new Once());
    }

    public function handle(PlacePictureBeneath $pictures): void
    {
        // another may have taken its place in the meantime
        $page = PendingPage::query()->lockForUpdate()->whereNull('refused')->with('scheme')->find($this->page);
        if ($page === null) {
            return;
        }
        try {
            $content = Storage::disk(PictureBeneath::DISK)->get($page->file)
                ?? throw new UnreadablePicture(__('The PDF is gone. Hand it in again.'));
            $pictures->lay($page->scheme, $page->storey, (new PdfPage($content, $page->number))->draw());
        } catch (UnreadablePicture $e) {
            $page->update(['refused' => $e->getMessage()]);
        }
    }
}
