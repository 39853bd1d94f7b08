<?php

declare(strict_types=1);

namespace App\Pages;

use App\Actions\RemoveHome;
use App\Examination\Country;
use App\Models\Office;
use App\Models\Project;
use App\Models\Revision;
use App\Models\RevisionState;
use Heurema\Layout\Layout;
use Heurema\Layout\Schema\UnreadableLayout;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Pagination\LengthAwarePaginator;

/** The reviews in hand of one office, the newest first: those that are asked for. */
final readonly class Desk
{
    private const A_PAGE = 30;

    /** Begun on the board and not handed in yet. */
    public const DRAFT = 'draft';

    /** @param LengthAwarePaginator<int, Project> $projects with their latest revisions */
    private function __construct(
        public Office $office,
        public LengthAwarePaginator $projects,
        public string $search,
        public string $state,
    ) {}

    /**
     * @param string $search in names and addresses; empty: all
     * @param string $state  of the latest revision, or `draft` where nothing has been handed in; what is neither shows all
     */
    public static function of(Office $office, string $search = '', string $state = ''): self
    {
        $state = $state === self::DRAFT ? $state : (RevisionState::tryFrom($state)->value ?? '');
        $projects = $office->projects()->with(['latestRevision.submitter'])
            ->when(
                $search !== '',
                static fn(Builder $query) => $query->where(
                    static fn(Builder $either) => $either->whereLike('name', '%'.addcslashes($search, '%_\\').'%')->orWhereLike(
                        'address',
                        '%'.addcslashes($search, '%_\\').'%',
                    ),
                ),
            )
            ->when(
                $state !== '',
                static fn(Builder $query) => $query->whereRaw(
                    'coalesce(('.self::latestState()->toSql()."), '".self::DRAFT."') = ?",
                    [$state],
                ),
            )
            ->latest('id')->paginate(self::A_PAGE)->withQueryString();
        // only of drafts the drawing itself is looked at
        (new Collection(
            $projects->filter(static fn(Project $project): bool => $project->latestRevision === null)->all(),
        ))->load('firstScheme');

        return new self($office, $projects, $search, $state);
    }

    /** @return Collection<int, Project> that were removed and can still be brought back */
    public function removed(): Collection
    {
        return $this->office
            ->projects()
            ->onlyTrashed()
            ->where('removed_at', '>', now()->subDays(RemoveHome::DAYS))
            ->latest('removed_at')
            ->get();
    }

    /** @return array<string, int> how many projects are in each state, by its word */
    public function states(): array
    {
        $counts = [];
        foreach ($this->office->projects()->toBase()->selectSub(self::latestState(), 'state')->pluck('state') as $state) {
            $word = is_string($state) ? $state : self::DRAFT;
            $counts[$word] = ($counts[$word] ?? 0) + 1;
        }

        return $counts;
    }

    /** @return Builder<Revision> the state of a project's latest revision */
    private static function latestState(): Builder
    {
        return Revision::query()
            ->select('revisions.state')
            ->join('schemes', 'schemes.id', '=', 'revisions.scheme_id')
            ->whereColumn('schemes.project_id', 'projects.id')
            ->latest('revisions.id')
            ->limit(1);
    }

    /** @return array<int, string> the schemes that a new home can begin as a copy of, by id */
    public function schemes(): array
    {
        $names = [];
        foreach ($this->projects as $project) {
            $scheme = $project->latestRevision->scheme_id ?? $project->firstScheme?->id;
            if ($scheme !== null) {
                $names[$scheme] = $project->name;
            }
        }

        return $names;
    }

    /** A small picture of the lowest storey. */
    public function thumbnail(Project $project): string
    {
        $drawing = self::drawing($project);

        return $drawing instanceof Layout ? Thumbnail::of($drawing) : '';
    }

    /** Why its drawing cannot be read; null when it can. */
    public function problem(Project $project): ?string
    {
        $drawing = self::drawing($project);

        return $drawing instanceof UnreadableLayout ? $drawing->getMessage() : null;
    }

    private static function drawing(Project $project): Layout|UnreadableLayout|null
    {
        return ($project->latestRevision ?? $project->firstScheme)?->readLayout();
    }

    /** How long it has been waiting in its state, in words. */
    public function age(Project $project): string
    {
        return ($project->latestRevision->created_at ?? $project->created_at)->diffForHumans(['parts' => 1]);
    }

    /** Where the office's latest home is built: what it begins with next. */
    public function country(): Country
    {
        $books = $this->office->projects()->latest('id')->first(['books'])->books ?? null;

        return $books === null ? Country::UnitedStates : Country::ofBooks($books);
    }
}
