<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlacePictureBeneath;
use App\Http\Requests\BoardRequest;
use App\Http\Requests\PictureBeneathRequest;
use App\Models\PictureBeneath;
use App\Models\Scheme;
use App\Pictures\PdfPage;
use Heurema\Drafting\UntraceablePicture;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Units\UnreadableLength;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The picture under a storey: laid, put to scale, straightened, moved, taken away. */
final readonly class PictureBeneathController
{
    public function __construct(private PlacePictureBeneath $action) {}

    public function store(PictureBeneathRequest $request, Scheme $scheme): RedirectResponse
    {
        $storey = $scheme->layout->storey($request->string('storey')->value()) ?? abort(404);
        $picture = $request->picture();
        $picture instanceof PdfPage
            ? $this->action->layPage($scheme, $storey->id, $picture)
            : $this->action->lay($scheme, $storey->id, $picture);

        return redirect()->route('board', ['scheme' => $scheme, 'storey' => $storey->id, 'picture' => 'yes']);
    }

    public function show(Scheme $scheme, PictureBeneath $picture): StreamedResponse
    {
        abort_unless(Storage::disk(PictureBeneath::DISK)->exists($picture->file), 404, __('The picture is gone.'));

        return Storage::disk(PictureBeneath::DISK)
            ->response($picture->file, null, ['Cache-Control' => 'private, max-age=86400, immutable']);
    }

    /** The two places that were pointed at mean a known distance, a line that is straight, or from where to where it goes. */
    public function update(BoardRequest $request, Scheme $scheme, PictureBeneath $picture): Response
    {
        try {
            [$from, $to, $placed] = [$request->asked()->point('from'), $request->asked()->point('to'), $picture->picture()];
            $picture->lie(match ($request->string('how')->value()) {
                'scale' => $placed->scaled($from, $to, $scheme->layout->lengths()->read($request->string('distance')->value())->mm),
                'straighten' => $placed->straightened($from, $to),
                default => $placed->moved($from, $to),
            });
        } catch (UntraceablePicture|UnreadableLength|RefusedEdit $e) {
            return response(e($e->getMessage()), 422);
        }

        return response()->view('board.picture-beneath', ['beneath' => $picture, 'viewBox' => '0 0 1 1']);
    }

    public function destroy(Scheme $scheme, PictureBeneath $picture): RedirectResponse
    {
        $this->action->takeAway($picture);

        return redirect()->route('board', ['scheme' => $scheme, 'storey' => $picture->storey]);
    }
}
