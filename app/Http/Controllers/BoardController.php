<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\BoardAnswer;
use App\Http\BoardParts;
use App\Models\Scheme;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The board of a scheme, or those of its parts that a browser does not have. */
final readonly class BoardController
{
    public function __invoke(Request $request, Scheme $scheme, BoardAnswer $answer): Response|StreamedResponse
    {
        $page = $answer->page($scheme, $request, $request->string('storey')->value(), $request->string('select')->value());
        $isPart = $request->headers->has(BoardParts::HEADER);

        return $isPart ? BoardParts::for($request)->answer($page) : response()->view('board', ['page' => $page]);
    }
}
