<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Revision;
use App\Models\Ruling;
use App\Pages\ReviewPages;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Rulebook\UnreadableRuleBook;
use Illuminate\Console\Command;

/**
 * Lets rulings that were made when only the words of what was found were kept follow what was found. One whose words are not those of its
 * finding any more is left: it is asked again, as before.
 */
final class RulingsCommand extends Command
{
    protected $signature = 'heurema:rulings';

    protected $description = 'Let old rulings follow what was found, not the words for it';

    public function handle(ReviewPages $pages): int
    {
        $brought = 0;
        foreach (Revision::query()->with('statements')->whereIn(
            'id',
            Ruling::query()->whereNull('found')->select('revision_id'),
        )->lazyById(20) as $revision) {
            try {
                $report = $pages->report($revision);
            } catch (UnreadableLayout|UnreadableRuleBook) {
                continue;
            }
            foreach (Ruling::query()->where('revision_id', $revision->id)->whereNull('found')->get() as $ruling) {
                $finding = $report->finding($ruling->finding);
                if ($finding !== null && $finding->facts() === $ruling->facts) {
                    // not a change of the review: how it is kept
                    Ruling::query()->whereKey($ruling->id)->update(['found' => $finding->foundFacts()->write()]);
                    ++$brought;
                }
            }
        }
        $this->info("{$brought} rulings brought over.");

        return self::SUCCESS;
    }
}
