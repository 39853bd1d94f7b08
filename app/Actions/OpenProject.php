<?php

declare(strict_types=1);

namespace App\Actions;

use App\Examination\Basis;
use App\Examination\KeptReports;
use App\Intake\ImportedElement;
use App\Models\Project;
use App\Models\Revision;
use App\Models\User;
use Heurema\Kitchen\GiveMarks;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;
use Illuminate\Support\Facades\DB;

/** Takes a drawn home into an office: a project with its first scheme and revision, examined at once. */
final readonly class OpenProject
{
    public function __construct(private KeptReports $reports) {}

    /**
     * @param list<string>|null          $books    ids of the rule books to hold it against; null: the usual ones
     * @param list<ImportedElement>|null $imported of the building model that it came from
     */
    public function open(User $by, Layout $layout, ?string $address, ?array $books = null, ?array $imported = null): Revision
    {
        $layout = GiveMarks::to($layout);
        $project = new Project(['name' => $layout->name, 'address' => $address, ...($books === null ? [] : ['books' => $books])]);
        $report = $this->reports->report(new Home($layout), new Basis($project->books, $project->settings));

        return DB::transaction(static function () use ($by, $layout, $project, $report, $imported): Revision {
            $project->office()->associate($by->office_id);
            $project->save();
            $scheme = $project->schemes()->create([
                'name' => __('Scheme A'), 'layout' => $layout, 'version' => 1, 'imported' => $imported,
            ]);

            $revision = $scheme->revisions()->create([
                'number' => 1,
                'layout' => $layout,
                'books' => $project->books,
                'counts' => $report->counts(),
                'submitted_by' => $by->id,
            ]);
            $revision->log($by, __('opened the project with revision 1'));

            return $revision;
        });
    }
}
