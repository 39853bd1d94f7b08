<?php

declare(strict_types=1);

namespace App\Examination;

use App\Briefs\KeptBrief;
use App\Models\Project;
use App\Models\Revision;
use Heurema\Units\UnitSystem;

/** What a home is held against: rule books, what was chosen where they leave a choice, and the client's brief. */
final readonly class Basis
{
    /**
     * @param list<string>          $books    ids
     * @param array<string, string> $settings as typed, by name
     * @param string|null           $brief    as a rule book (YAML)
     */
    public function __construct(public array $books, public array $settings = [], public ?string $brief = null) {}

    public static function ofProject(Project $project, UnitSystem $units): self
    {
        return new self(
            $project->books,
            $project->settings,
            $project->brief === null ? null : KeptBrief::read($project->brief)->book($units),
        );
    }

    /** As it was when the revision was handed in, or chosen since. */
    public static function ofRevision(Revision $revision): self
    {
        return new self($revision->books, $revision->settings, $revision->brief);
    }
}
