<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeScheme;
use App\Board\Acts\Acts;
use App\Board\NewElements;
use App\Http\BoardAnswer;
use App\Http\Requests\BoardRequest;
use App\Models\Scheme;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What is done on the board, each act once, however often a browser sends it. */
final readonly class ActController
{
    public function store(
        BoardRequest $request,
        Scheme $scheme,
        string $act,
        ChangeScheme $changes,
        BoardAnswer $answer,
    ): Response|StreamedResponse {
        $act = Acts::named($act) ?? abort(404);
        $make = static fn(): Scheme => $changes->wasMade($scheme, $request->sentAs())
            ? $scheme
            : $changes->edit(
                $scheme,
                $request->person(),
                $request->version(),
                $act->edit($request->asked(), $scheme->layout),
                $request->sentAs(),
            );

        return $answer->to($request, $scheme, $make, (new NewElements($scheme->layout))->chosenAfter($act, $request->asked()));
    }
}
