<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Board\Acts\Acts;
use App\Board\NewElements;
use App\Board\RefusedValue;
use App\Drawing\TrialDrawing;
use App\Http\Requests\BoardRequest;
use App\Models\Scheme;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Spatial\Home;
use Heurema\Units\UnreadableLength;
use Illuminate\Http\Response;

/** What an act on the board would come to, drawn over the plan; nothing is changed. */
final readonly class TrialController
{
    public function store(BoardRequest $request, Scheme $scheme, string $act, Editor $editor): Response
    {
        [$act, $asked] = [Acts::named($act) ?? abort(404), $request->asked()];
        try {
            $edited = $editor->apply($scheme->layout, $act->edit($asked, $scheme->layout));
            $chosen = (new NewElements($scheme->layout))->chosenAfter($act, $asked);

            return response((new TrialDrawing(new Home($edited->layout), $edited->patch, $asked->storey(), $chosen))->draw());
        } catch (RefusedEdit|RefusedValue|UnreadableLayout|UnreadableLength $e) {
            return response($e->getMessage(), 422, ['Content-Type' => 'text/plain; charset=UTF-8']);
        }
    }
}
