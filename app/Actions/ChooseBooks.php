<?php

declare(strict_types=1);

namespace App\Actions;

use App\Examination\Basis;
use App\Examination\KeptReports;
use App\Models\RefusedRuling;
use App\Models\Revision;
use App\Models\User;
use Heurema\Language\Text;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Spatial\Home;
use Illuminate\Support\Facades\DB;

/** What an open review is held against. The drawing of the revision stays as it is, its counts are taken anew; later revisions follow. */
final readonly class ChooseBooks
{
    public function __construct(private KeptReports $reports, private RuleBookLibrary $library) {}

    /**
     * @param list<string>          $books    ids
     * @param array<string, string> $settings as typed, by name
     *
     * @throws RefusedRuling when the review is over
     */
    public function choose(Revision $revision, User $by, array $books, array $settings): void
    {
        DB::transaction(function () use ($revision, $by, $books, $settings): void {
            $revision->lockOpen();
            $changes = [...$this->ofBooks($revision->books, $books), ...self::ofSettings($revision->settings, $settings)];
            $counts = $this->reports->report(new Home($revision->examined()), new Basis($books, $settings, $revision->brief))->counts();
            $revision->scheme->project->update(['books' => $books, 'settings' => $settings]);
            $revision->update(['books' => $books, 'settings' => $settings, 'counts' => $counts]);
            if ($changes !== []) {
                $revision->log($by, __('chose :changes', ['changes' => implode('; ', $changes)]));
            }
        });
    }

    /**
     * @param list<string> $before
     * @param list<string> $after
     *
     * @return list<string> empty when nothing changes
     */
    private function ofBooks(array $before, array $after): array
    {
        return $before === $after ? [] : [__('rule books: :titles → :titles2', [
            'titles' => $this->titles($before),
            'titles2' => $this->titles($after),
        ])];
    }

    /** @param list<string> $ids */
    private function titles(array $ids): string
    {
        return implode(
            ', ',
            array_map(fn(string $id): string => in_array($id, $this->library->ids(), true) ? $this->library->book($id)->title : $id, $ids),
        );
    }

    /**
     * @param array<string, string> $before
     * @param array<string, string> $after
     *
     * @return list<string>
     */
    private static function ofSettings(array $before, array $after): array
    {
        $changes = [];
        foreach (array_keys($before + $after) as $name) {
            [$was, $is] = [$before[$name] ?? __('as the book has it'), $after[$name] ?? __('as the book has it')];
            if ($was !== $is) {
                $changes[] = Text::word($name).": {$was} → {$is}";
            }
        }

        return $changes;
    }
}
