<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\LogEntry;
use App\Models\Project;
use App\Models\Revision;
use App\Models\Scheme;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;
use Illuminate\Pagination\LengthAwarePaginator;

/** A project: its schemes, each from its first revision to what is drawn now, and who did what when. */
final readonly class ProjectPage
{
    /** @param LengthAwarePaginator<int, LogEntry> $entries */
    public function __construct(public Project $project, public LengthAwarePaginator $entries) {}

    /** @return list<ProjectStep> the revisions of a scheme, and the drawing where it has changed since the last */
    public function steps(Scheme $scheme): array
    {
        $steps = [];
        $before = null;
        foreach ($scheme->revisions as $revision) {
            $layout = self::layout($revision);
            $steps[] = $this->revision($revision, $layout, $before);
            $before = $layout;
        }
        $now = self::layout($scheme);
        $changes = self::changes($before, $now);
        if ($steps === [] || $changes !== []) {
            $steps[] = new ProjectStep(
                title: __('On the board now'),
                address: route('board', $scheme),
                plan: self::plan($now),
                when: '',
                state: null,
                counts: [],
                changes: $changes,
            );
        }

        return $steps;
    }

    private function revision(Revision $revision, ?Layout $layout, ?Layout $before): ProjectStep
    {
        return new ProjectStep(
            title: __('Revision :number', ['number' => $revision->number]),
            address: route('review', $revision),
            plan: self::plan($layout),
            when: "{$revision->submitter->name}, {$revision->created_at->format('j F Y')}",
            state: $revision->state,
            counts: $revision->counts,
            changes: self::changes($before, $layout),
        );
    }

    private static function layout(Scheme|Revision $of): ?Layout
    {
        $layout = $of->readLayout();

        return $layout instanceof Layout ? $layout : null;
    }

    private static function plan(?Layout $layout): string
    {
        return $layout === null ? '' : Thumbnail::of($layout);
    }

    /** @return list<string>|null */
    private static function changes(?Layout $before, ?Layout $after): ?array
    {
        return $before === null || $after === null ? null : LayoutChanges::between(new Home($before), new Home($after))->words();
    }
}
