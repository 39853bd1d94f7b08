<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeScheme;
use App\Http\BoardAnswer;
use App\Http\Requests\BoardRequest;
use App\Models\Scheme;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The edit of a scheme that was taken back last, made again. */
final readonly class RedoController
{
    public function store(BoardRequest $request, Scheme $scheme, ChangeScheme $changes, BoardAnswer $answer): Response|StreamedResponse
    {
        return $answer->to($request, $scheme, static fn(): Scheme => $changes->redo($scheme, $request->version()));
    }
}
