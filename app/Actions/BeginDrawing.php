<?php

declare(strict_types=1);

namespace App\Actions;

use App\Intake\ImportedElement;
use App\Models\LogEntry;
use App\Models\Project;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Kitchen\GiveMarks;
use Heurema\Layout\Layout;
use Illuminate\Support\Facades\DB;

/** A home begun on the board: a project with its first scheme, a draft until it is handed in. */
final readonly class BeginDrawing
{
    /**
     * @param list<string>               $books    ids of the rule books to hold it against
     * @param list<ImportedElement>|null $imported of the building model that it came from
     */
    public function begin(User $by, Layout $layout, array $books, ?array $imported = null): Scheme
    {
        return DB::transaction(static function () use ($by, $layout, $books, $imported): Scheme {
            $layout = GiveMarks::to($layout);
            $project = new Project(['name' => $layout->name, 'books' => $books]);
            $project->office()->associate($by->office_id);
            $project->save();
            LogEntry::query()->create(['project_id' => $project->id, 'user_id' => $by->id, 'words' => __('began to draw')]);

            return $project->schemes()->create([
                'name' => __('Scheme A'), 'layout' => $layout, 'version' => 1, 'imported' => $imported,
            ]);
        });
    }
}
