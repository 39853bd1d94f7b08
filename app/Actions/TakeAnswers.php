<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exchange\IssueAnswers;
use App\Exchange\IssueArchive;
use App\Exchange\UnreadableIssues;
use App\Letters\LetterProgress;
use App\Models\Scheme;
use Illuminate\Support\Facades\DB;

/** Comments of a BCF archive become answers to the items of the letter that is out. */
final class TakeAnswers
{
    /**
     * @return int how many items have an answer that they did not have
     *
     * @throws UnreadableIssues
     */
    public function take(Scheme $scheme, string $content): int
    {
        $letter = LetterProgress::of($scheme) ?? throw new UnreadableIssues(__('No letter is out that could be answered.'));
        $topics = [];
        foreach ($letter->keys() as $item) {
            $topics[$item] = IssueArchive::topic($letter->revision(), $item);
        }
        $comments = IssueAnswers::read($content, array_values(array_map(IssueArchive::comment(...), $topics)));

        return DB::transaction(static function () use ($scheme, $topics, $comments): int {
            $kept = Scheme::query()->lockForUpdate()->findOrFail($scheme->id);
            $answers = $kept->answers ?? [];
            $taken = 0;
            foreach ($topics as $item => $topic) {
                $with = self::joined($answers[$item] ?? '', $comments[$topic] ?? '');
                $taken += $with === ($answers[$item] ?? '') ? 0 : 1;
                $answers[$item] = $with;
            }
            if ($taken > 0) {
                $kept->update(['answers' => array_filter($answers, static fn(string $words): bool => $words !== '')]);
            }

            return $taken;
        });
    }

    /** What is answered already, and what is new below it. */
    private static function joined(string $said, string $more): string
    {
        return $more === '' || str_contains($said, $more) ? $said : mb_substr(trim("{$said}\n{$more}"), 0, IssueAnswers::LONGEST);
    }
}
