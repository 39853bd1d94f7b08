<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Letter;
use App\Models\Project;
use App\Models\Revision;
use App\Models\Role;
use App\Models\Ruling;
use App\Models\Scheme;
use App\Models\SchemeEdit;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;

/** The steps of somebody's first home: which are done, as the home tells, and what comes next. */
final readonly class Guide
{
    /** @param non-empty-list<GuideStep> $steps the last one is what is left when all others are done */
    private function __construct(public Project $project, public array $steps) {}

    /** Null: the project is not guided. */
    public static function of(Project $project, User $user): ?self
    {
        if (!$project->guided) {
            return null;
        }
        $schemes = Scheme::query()->where('project_id', $project->id)->oldest('id')->get(['id', 'project_id']);
        $revisions = Revision::query()->whereIn('scheme_id', $schemes->modelKeys())->oldest('id')->get(['id', 'scheme_id', 'number']);
        $steps = [
            ...($user->role === Role::Designer ? [] : self::reviewing($revisions)),
            ...self::changing($schemes->firstOrFail(), $revisions),
        ];

        return new self($project, $steps);
    }

    /** The first that is not done. */
    public function next(): GuideStep
    {
        foreach ($this->steps as $step) {
            if (!$step->isDone) {
                return $step;
            }
        }

        return $this->steps[count($this->steps) - 1];
    }

    /** The number of the next one, from 1. */
    public function number(): int
    {
        return 1 + (int) array_search($this->next(), $this->steps, true);
    }

    /**
     * @param Collection<int, Revision> $revisions
     *
     * @return list<GuideStep>
     */
    private static function reviewing(Collection $revisions): array
    {
        $first = $revisions->firstOrFail();
        $ids = $revisions->pluck('id');

        return [
            new GuideStep(
                __('Rule on a finding'),
                __('Choose one in the list: the plan shows what was measured. Then press Uphold, or Waive with a reason.'),
                route('review', $first),
                Ruling::query()->whereIn('revision_id', $ids)->exists(),
            ),
            new GuideStep(
                __('Send the letter'),
                __('The letter holds what was upheld, each with a piece of the plan. Read it, and send it at its right.'),
                route('review.letter', $first),
                Letter::query()->whereIn('revision_id', $ids)->exists(),
            ),
        ];
    }

    /**
     * @param Collection<int, Revision> $revisions
     *
     * @return non-empty-list<GuideStep>
     */
    private static function changing(Scheme $scheme, Collection $revisions): array
    {
        $ids = $revisions->modelKeys();

        return [
            new GuideStep(
                __('Change the home'),
                __('On the board choose a window or a fixture, drag it or type another size. The list at the right says what that does.'),
                route('board', $scheme),
                SchemeEdit::query()->where('scheme_id', $scheme->id)->exists(),
            ),
            new GuideStep(
                __('Submit it again'),
                __('Press Submit on the board: that is the next revision.'),
                route('board', $scheme),
                $revisions->count() > 1,
            ),
            new GuideStep(
                __('See what changed'),
                __('Both revisions, one laid over the other, and what is better or worse. That was all; the help says the rest.'),
                route('compare', ['with' => array_values(array_unique([reset($ids), end($ids)]))]),
                false,
            ),
        ];
    }
}
