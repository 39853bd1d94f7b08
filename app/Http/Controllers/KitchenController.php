<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeScheme;
use App\Actions\StaleScheme;
use App\Board\AskedKitchen;
use App\Examination\Basis;
use App\Examination\BookCheck;
use App\Http\Requests\KitchenRequest;
use App\Models\Scheme;
use App\Pages\KitchenPage;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Review\Report;
use Heurema\Spatial\Home;
use Heurema\Units\UnreadableLength;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** A kitchen laid out along the walls of a room: looked at plan by plan, and built. */
final readonly class KitchenController
{
    public function __construct(private BookCheck $check) {}

    public function show(KitchenRequest $request, Scheme $scheme): View
    {
        $basis = Basis::ofProject($scheme->project, $scheme->layout->units);
        $page = new KitchenPage(
            $scheme,
            new Home($scheme->layout),
            $request->asked(),
            fn(Home $home): Report => $this->check->report($home, $basis),
        );

        return view($request->headers->has('HX-Request') ? 'kitchen.result' : 'kitchen', ['page' => $page]);
    }

    public function store(KitchenRequest $request, Scheme $scheme, ChangeScheme $changes): RedirectResponse
    {
        $home = new Home($scheme->layout);
        $room = AskedKitchen::room($request->asked(), $home) ?? abort(404);
        $kitchen = new AskedKitchen($request->asked(), $home, $room);
        $back = redirect()->route('board.kitchen', [$scheme, ...$request->safe()->except('version')]);
        try {
            $changes->edit($scheme, $request->person(), $request->integer('version'), $kitchen->edit($kitchen->plan()));
        } catch (StaleScheme) {
            return $back->withErrors(
                ['kitchen' => __('Somebody else has changed this scheme. It is shown as it is now; look again and build then.')],
            );
        } catch (RefusedEdit|UnreadableLayout|UnreadableLength $e) {
            return $back->withErrors(['kitchen' => $e->getMessage()]);
        }

        return redirect()->route('board', [$scheme, 'storey' => $room->storey(), 'select' => $room->id()]);
    }
}
