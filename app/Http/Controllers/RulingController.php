<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CloseReview;
use App\Actions\PinRemark;
use App\Actions\RuleOnFindings;
use App\Actions\StateValue;
use App\Board\RefusedValue;
use App\Http\Requests\RulingRequest;
use App\Models\RefusedRuling;
use App\Models\Remark;
use App\Models\Revision;
use App\Models\Statement;
use App\Models\User;
use App\Pages\ReviewPages;
use App\Rulings\Rulings;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Units\UnreadableLength;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What a reviewer decides: rulings, values stated, remarks, the end of the review. */
final readonly class RulingController
{
    public function __construct(private ReviewPages $pages, private RuleOnFindings $rulings) {}

    /** Then the next finding that waits is shown. */
    public function store(RulingRequest $request, Revision $revision, #[CurrentUser] User $user): Response|RedirectResponse
    {
        $report = $this->pages->report($revision);
        $finding = $report->finding($request->string('finding')->value()) ?? abort(404);
        try {
            $this->rulings->rule($revision, $user, $request->boolean('all') ? self::alike($finding, $report, $revision) : [$finding], $request->kind(), $request->string('words')->value());
        } catch (RefusedRuling $e) {
            return $this->answer($request, $revision, $report, $finding->fingerprint(), $e->getMessage());
        }

        return $this->answer($request, $revision, $report, self::next($finding, $report, $revision));
    }

    public function undo(Request $request, Revision $revision, #[CurrentUser] User $user): Response|RedirectResponse
    {
        $problem = null;
        try {
            $this->rulings->undo($revision, $user);
        } catch (RefusedRuling $e) {
            $problem = $e->getMessage();
        }

        return $this->answer($request, $revision, $this->pages->report($revision), $request->string('finding')->value(), $problem);
    }

    public function state(Request $request, Revision $revision, #[CurrentUser] User $user, StateValue $action): Response|RedirectResponse
    {
        $request->validate(['element' => ['required', 'string', 'max:80'], 'key' => ['required', 'string', 'max:40'], 'typed' => ['required', 'string', 'max:200'], 'finding' => ['nullable', 'string', 'max:190']]);
        $problem = null;
        try {
            $action->state($revision, $user, $request->string('element')->value(), $request->string('key')->value(), $request->string('typed')->value());
        } catch (RefusedEdit|RefusedValue|RefusedRuling|UnreadableLength $e) {
            $problem = $e->getMessage();
        }

        return $this->answer($request, $revision, $this->pages->report($revision), $request->string('finding')->value(), $problem);
    }

    public function takeBack(Request $request, Revision $revision, Statement $statement, #[CurrentUser] User $user, StateValue $action): Response|RedirectResponse
    {
        $problem = null;
        try {
            $action->takeBack($revision, $user, $statement);
        } catch (RefusedEdit|RefusedValue|RefusedRuling $e) {
            $problem = $e->getMessage();
        }

        return $this->answer($request, $revision, $this->pages->report($revision), $request->string('finding')->value(), $problem);
    }

    public function remark(Request $request, Revision $revision, #[CurrentUser] User $user, PinRemark $action): RedirectResponse
    {
        $request->validate([
            'storey' => ['required', 'string', 'max:40'], 'x' => ['required', 'numeric', 'between:-1000000,1000000'], 'y' => ['required', 'numeric', 'between:-1000000,1000000'], 'words' => ['required', 'string', 'max:1000'],
        ]);
        abort_if($revision->layout->storey($request->string('storey')->value()) === null, 404);
        $remark = ['storey' => $request->string('storey')->value(), 'x' => $request->float('x'), 'y' => $request->float('y'), 'words' => $request->string('words')->value()];

        return self::remarked($revision, $remark['storey'], static fn() => $action->pin($revision, $user, $remark));
    }

    /** A remark goes into the letter as an item of its own, or stays out of it. */
    public function writeRemark(Revision $revision, Remark $remark, #[CurrentUser] User $user, PinRemark $action): RedirectResponse
    {
        return self::remarked($revision, $remark->storey, static fn() => $action->write($revision, $user, $remark));
    }

    public function dropRemark(Revision $revision, Remark $remark, #[CurrentUser] User $user, PinRemark $action): RedirectResponse
    {
        return self::remarked($revision, $remark->storey, static fn() => $action->unpin($revision, $user, $remark));
    }

    /** @param callable(): void $act */
    private static function remarked(Revision $revision, string $storey, callable $act): RedirectResponse
    {
        $back = redirect()->route('review', ['revision' => $revision, 'storey' => $storey]);
        try {
            $act();
        } catch (RefusedRuling $e) {
            return $back->withErrors(['review' => $e->getMessage()]);
        }

        return $back;
    }

    public function signOff(Revision $revision, #[CurrentUser] User $user, CloseReview $action): RedirectResponse
    {
        try {
            $action->signOff($revision, $user);
        } catch (RefusedRuling $e) {
            return redirect()->route('review', $revision)->withErrors(['review' => $e->getMessage()]);
        }

        return redirect()->route('review', $revision);
    }

    /** @return non-empty-list<Finding> the open findings of the same rule that wait, the finding itself first */
    private static function alike(Finding $finding, Report $report, Revision $revision): array
    {
        $rulings = Rulings::of($revision);
        $others = array_filter($report->findings, static fn(Finding $other): bool => $other !== $finding && $other->ruleName() === $finding->ruleName() && $rulings->isWaiting($other));

        return [$finding, ...array_values($others)];
    }

    /** The fingerprint of the next one that waits, in the order of the list; else of the one just ruled on. */
    private static function next(Finding $finding, Report $report, Revision $revision): string
    {
        $rulings = Rulings::of($revision);
        $order = $report->worstFirst();
        $at = array_search($finding, $order, true);
        foreach ([...array_slice($order, (int) $at + 1), ...array_slice($order, 0, (int) $at)] as $other) {
            if ($rulings->isWaiting($other)) {
                return $other->fingerprint();
            }
        }

        return $finding->fingerprint();
    }

    private function answer(Request $request, Revision $revision, Report $report, string $finding, ?string $problem = null): Response|RedirectResponse
    {
        if (!$request->headers->has('HX-Request')) {
            $back = redirect()->route('review', array_filter(['revision' => $revision->id, 'finding' => $finding, 'show' => $request->string('show')->value(), 'book' => $request->string('book')->value()], static fn(int|string $part): bool => $part !== ''));

            return $problem === null ? $back : $back->withErrors(['ruling' => $problem]);
        }
        $page = $this->pages->page($request, $revision, $report, $finding);

        return response()->view('review.ruled', ['page' => $page, 'problem' => $problem], $problem === null ? 200 : 422)->header('HX-Push-Url', $page->address($finding));
    }
}
