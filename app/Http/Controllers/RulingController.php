<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RuleOnFindings;
use App\Http\Requests\ChosenFindingRequest;
use App\Http\Requests\RulingRequest;
use App\Http\ReviewAnswer;
use App\Models\RefusedRuling;
use App\Models\Revision;
use App\Models\User;
use App\Rulings\Rulings;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** What a reviewer decides about findings. */
final readonly class RulingController
{
    public function __construct(private ReviewAnswer $review, private RuleOnFindings $rulings) {}

    /** Then the next finding that waits is shown. */
    public function store(RulingRequest $request, Revision $revision, #[CurrentUser] User $user): Response|RedirectResponse
    {
        $report = $this->review->report($revision);
        $finding = $report->finding($request->string('finding')->value()) ?? abort(404);
        try {
            $this->rulings->rule(
                $revision,
                $user,
                $request->boolean('all') ? self::alike($finding, $report, $revision) : [$finding],
                $request->kind(),
                $request->string('words')->value(),
            );
        } catch (RefusedRuling $e) {
            return $this->review->answer($request, $revision, $report, $finding->fingerprint(), $e->getMessage());
        }

        return $this->review->answer($request, $revision, $report, self::next($finding, $report, $revision));
    }

    /** The last ruling is undone. */
    public function destroy(ChosenFindingRequest $request, Revision $revision, #[CurrentUser] User $user): Response|RedirectResponse
    {
        $problem = null;
        try {
            $this->rulings->undo($revision, $user);
        } catch (RefusedRuling $e) {
            $problem = $e->getMessage();
        }

        return $this->review->answer($request, $revision, $this->review->report($revision), $request->string('finding')->value(), $problem);
    }

    /** @return non-empty-list<Finding> the open findings of the same rule that wait, the finding itself first */
    private static function alike(Finding $finding, Report $report, Revision $revision): array
    {
        $rulings = Rulings::of($revision);
        $others = array_filter(
            $report->findings,
            static fn(Finding $other): bool => $other !== $finding
                && $other->ruleName() === $finding->ruleName()
                && $rulings->isWaiting($other),
        );

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
}
