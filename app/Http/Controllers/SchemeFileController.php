<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StaleScheme;
use App\Actions\TakeFile;
use App\Http\Requests\TakenFile;
use App\Intake\HomeFile;
use App\Intake\UnreadableHomeFile;
use App\Models\Scheme;
use App\Models\User;
use App\Pages\FilePage;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Schema\UnreadableLayout;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The file that a scheme came from: what became of its elements, what it does not say, and the next one that takes its place. */
final class SchemeFileController
{
    public function show(Scheme $scheme): View
    {
        return view('file', ['page' => new FilePage($scheme)]);
    }

    public function store(TakenFile $request, Scheme $scheme, #[CurrentUser] User $user, TakeFile $action): RedirectResponse
    {
        try {
            $action->take($scheme, $user, $request->integer('version'), HomeFile::read($request->content()));
        } catch (UnreadableHomeFile|UnreadableLayout|RefusedEdit $e) {
            return redirect()->route('board.file', $scheme)->withErrors(['file' => $e->getMessage()]);
        } catch (StaleScheme) {
            return redirect()->route('board.file', $scheme)
                ->withErrors(['file' => __('Somebody else has changed this scheme since: look at it and take the file over again.')]);
        }

        return redirect()->route('board.file', $scheme)
            ->with('status', __('The file is taken over. Undo on the board brings back what was there.'));
    }
}
