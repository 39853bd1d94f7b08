<?php

declare(strict_types=1);

namespace App\Pages;

use App\Examination\Basis;
use App\Examination\BookList;
use App\Examination\DecidedReports;
use App\Examination\KeptReports;
use App\Models\Revision;
use App\Rulings\Rulings;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Rulebook\UnreadableRuleBook;
use Heurema\Spatial\Home;
use Illuminate\Http\Request;

/** Makes the page of a review from what an address asks for. */
final readonly class ReviewPages
{
    public function __construct(private KeptReports $reports, private DecidedReports $decided, private BookList $books) {}

    /** What was decided on, where the review is over; else what the rules say. */
    public function report(Revision $revision): Report
    {
        return $this->decided->of($revision) ?? $this->today($revision);
    }

    /** How many findings today's rules would bring out otherwise than they were decided on. */
    private function differing(Revision $revision, Report $report): int
    {
        if ($revision->decided === null) {
            return 0;
        }
        $verdicts = static fn(Report $of): array => array_map(
            static fn(Finding $finding): string => $finding->verdict()->value,
            array_combine(array_map(static fn(Finding $finding): string => $finding->fingerprint(), $of->findings), $of->findings),
        );
        try {
            [$then, $now] = [$verdicts($report), $verdicts($this->today($revision))];
        } catch (UnreadableRuleBook) {
            // a book that makes no sense today says nothing of what was decided
            return 0;
        }

        return count(array_diff_assoc($then, $now) + array_diff_assoc($now, $then));
    }

    private function today(Revision $revision): Report
    {
        return $this->reports->report(new Home($revision->examined()), Basis::ofRevision($revision));
    }

    /** @param string|null $finding shown instead of the one that is asked for */
    public function page(Request $request, Revision $revision, Report $report, ?string $finding = null): ReviewPage
    {
        $revision->loadMissing('statements.user');

        return new ReviewPage(
            revision: $revision,
            report: $report,
            rulings: Rulings::of($revision),
            books: $this->books,
            finding: $finding ?? $request->string('finding')->value(),
            subject: $request->string('subject')->value(),
            storey: $request->string('storey')->value(),
            show: $request->string('show')->value(),
            book: $request->string('book')->value(),
            differing: $this->differing($revision, $report),
        );
    }
}
