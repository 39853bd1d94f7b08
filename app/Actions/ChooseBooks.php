<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Revision;
use App\Rules\Basis;
use App\Rules\BookCheck;
use Heurema\Spatial\Home;
use Illuminate\Support\Facades\DB;

/** What a project is held against. The drawing of the revision stays as it is, its counts are taken anew; later revisions follow. */
final readonly class ChooseBooks
{
    public function __construct(private BookCheck $check) {}

    /**
     * @param list<string>          $books    ids
     * @param array<string, string> $settings as typed, by name
     */
    public function choose(Revision $revision, array $books, array $settings): Revision
    {
        $report = $this->check->report(new Home($revision->examined()), new Basis($books, $settings, $revision->brief));
        DB::transaction(static function () use ($revision, $books, $settings, $report): void {
            $revision->scheme->project->update(['books' => $books, 'settings' => $settings]);
            $revision->update(['books' => $books, 'settings' => $settings, 'counts' => $report->counts()]);
        });

        return $revision;
    }
}
