<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StateValue;
use App\Board\RefusedValue;
use App\Http\Requests\StatementRequest;
use App\Http\ReviewAnswer;
use App\Models\RefusedRuling;
use App\Models\Revision;
use App\Models\Statement;
use App\Models\User;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Units\UnreadableLength;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Values that the drawing does not say, stated in a review. */
final readonly class StatementController
{
    public function __construct(private ReviewAnswer $review, private StateValue $action) {}

    public function store(StatementRequest $request, Revision $revision, #[CurrentUser] User $user): Response|RedirectResponse
    {
        return $this->answer(
            $request,
            $revision,
            fn() => $this->action->state(
                $revision,
                $user,
                $request->string('element')->value(),
                $request->string('key')->value(),
                $request->string('typed')->value(),
            ),
        );
    }

    public function destroy(
        Request $request,
        Revision $revision,
        Statement $statement,
        #[CurrentUser]
        User $user,
    ): Response|RedirectResponse {
        return $this->answer($request, $revision, fn() => $this->action->takeBack($revision, $user, $statement));
    }

    /** @param callable(): void $act */
    private function answer(Request $request, Revision $revision, callable $act): Response|RedirectResponse
    {
        $problem = null;
        try {
            $act();
        } catch (RefusedEdit|RefusedValue|RefusedRuling|UnreadableLength $e) {
            $problem = $e->getMessage();
        }

        return $this->review->answer($request, $revision, $this->review->report($revision), $request->string('finding')->value(), $problem);
    }
}
