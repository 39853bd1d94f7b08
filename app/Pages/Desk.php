<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Office;
use App\Models\Project;
use Illuminate\Database\Eloquent\Collection;

/** The reviews in hand of one office, the newest first. */
final readonly class Desk
{
    /** @param Collection<int, Project> $projects with their latest revisions */
    private function __construct(public Office $office, public Collection $projects) {}

    public static function of(Office $office): self
    {
        $projects = $office->projects()->with(['latestRevision.submitter'])->latest('id')->get();

        return new self($office, $projects);
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
}
