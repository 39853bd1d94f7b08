<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlacePictureBeneath;
use App\Models\PendingPage;
use App\Models\Scheme;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Pages of PDFs that are being drawn. */
final readonly class PendingPageController
{
    public function __construct(private PlacePictureBeneath $action) {}

    /** How far a page has come; asked for again and again. Once it has been drawn the board is shown with it. */
    public function show(Scheme $scheme, int $page): Response
    {
        $pending = $scheme->pages()->find($page);
        if ($pending === null) {
            return response()->noContent()->header('HX-Refresh', 'true');
        }
        $this->action->await($pending);

        return response()->view('board.page', ['page' => $pending]);
    }

    /** Nobody waits for it any longer. */
    public function destroy(Scheme $scheme, PendingPage $page): RedirectResponse
    {
        $this->action->drop($page);

        return redirect()->route('board', ['scheme' => $scheme, 'storey' => $page->storey, 'picture' => 'yes']);
    }
}
