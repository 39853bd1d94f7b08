<?php

declare(strict_types=1);

namespace App\Examination;

use App\Models\Revision;
use Heurema\Brief\Brief;
use Heurema\Review\KeptReport;
use Heurema\Review\Report;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;

/** The report that a review ended on, kept with its revision together with the texts of the rule books as they were then. */
final readonly class DecidedReports
{
    public function __construct(private RuleBookLibrary $library, private RuleBookReader $reader) {}

    public function keep(Revision $revision, Report $report): void
    {
        $texts = [];
        foreach ($revision->books as $id) {
            $texts += $this->library->texts($id);
        }
        $revision->update([
            'counts' => $report->counts(),
            'decided' => Packed::pack(json_encode(
                ['books' => $texts, 'report' => KeptReport::write($report)],
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            )),
        ]);
    }

    /** Null while nothing has been decided. */
    public function of(Revision $revision): ?Report
    {
        $text = $revision->decided === null ? null : Packed::unpack($revision->decided);
        if ($text === null) {
            return null;
        }
        /** @var array{books: array<string, string>, report: string} $kept as keep() wrote it */
        $kept = json_decode($text, true, 8, JSON_THROW_ON_ERROR);
        $areAsThen = array_filter(
            $kept['books'],
            fn(string $text, string $id): bool => $this->library->text($id) !== $text,
            ARRAY_FILTER_USE_BOTH,
        ) === [];
        $books = array_map(
            fn(string $id): RuleBook => $areAsThen ? $this->library->book($id) : $this->reader->readAmong($kept['books'], $id),
            $revision->books,
        );

        return KeptReport::read(
            $kept['report'],
            new Home($revision->examined()),
            [...$books, ...($revision->brief === null ? [] : [$this->reader->read($revision->brief, Brief::ID)])],
        );
    }
}
