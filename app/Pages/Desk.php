<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Office;
use App\Models\Project;
use App\Models\RevisionState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;

/** The reviews in hand of one office, the newest first: those that are asked for. */
final readonly class Desk
{
    private const A_PAGE = 30;

    /** @param LengthAwarePaginator<int, Project> $projects with their latest revisions */
    private function __construct(public Office $office, public LengthAwarePaginator $projects, public string $search, public ?RevisionState $state) {}

    /** @param string $search in names and addresses; empty: all */
    public static function of(Office $office, string $search = '', ?RevisionState $state = null): self
    {
        $projects = $office->projects()->with(['latestRevision.submitter'])
            ->when($search !== '', static fn(Builder $query) => $query->where(static fn(Builder $either) => $either->whereLike('name', '%'.addcslashes($search, '%_\\').'%')->orWhereLike('address', '%'.addcslashes($search, '%_\\').'%')))
            ->when($state !== null, static fn(Builder $query) => $query->whereHas('latestRevision', static fn(Builder $latest) => $latest->where('state', $state)))
            ->latest('id')->paginate(self::A_PAGE)->withQueryString();

        return new self($office, $projects, $search, $state);
    }

    /** @return array<string, int> how many projects are in each state, by its word */
    public function states(): array
    {
        $counts = [];
        foreach ($this->office->projects()->with('latestRevision:revisions.id,state')->get(['projects.id']) as $project) {
            $state = $project->latestRevision?->state;
            if ($state !== null) {
                $counts[$state->value] = ($counts[$state->value] ?? 0) + 1;
            }
        }

        return $counts;
    }

    /** @return array<int, string> the schemes that a new home can begin as a copy of, by id */
    public function schemes(): array
    {
        $names = [];
        foreach ($this->projects as $project) {
            if ($project->latestRevision !== null) {
                $names[$project->latestRevision->scheme_id] = $project->name;
            }
        }

        return $names;
    }

    /** A small picture of the lowest storey. */
    public function thumbnail(Project $project): string
    {
        return $project->latestRevision === null ? '' : Thumbnail::of($project->latestRevision->layout);
    }

    /** How long it has been waiting in its state, in words. */
    public function age(Project $project): string
    {
        return $project->latestRevision === null ? '' : $project->latestRevision->created_at->diffForHumans(['parts' => 1]);
    }
}
