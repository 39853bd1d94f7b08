<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Office;
use App\Models\Project;
use App\Models\Revision;
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
            ->when($state !== null, static fn(Builder $query) => $query->whereRaw('('.self::latestState()->toSql().') = ?', [$state->value ?? '']))
            ->latest('id')->paginate(self::A_PAGE)->withQueryString();

        return new self($office, $projects, $search, $state);
    }

    /** @return array<string, int> how many projects are in each state, by its word */
    public function states(): array
    {
        $counts = [];
        foreach ($this->office->projects()->toBase()->selectSub(self::latestState(), 'state')->pluck('state') as $state) {
            if (is_string($state)) {
                $counts[$state] = ($counts[$state] ?? 0) + 1;
            }
        }

        return $counts;
    }

    /** @return Builder<Revision> the state of a project's latest revision */
    private static function latestState(): Builder
    {
        return Revision::query()->select('revisions.state')->join('schemes', 'schemes.id', '=', 'revisions.scheme_id')->whereColumn('schemes.project_id', 'projects.id')->latest('revisions.id')->limit(1);
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
