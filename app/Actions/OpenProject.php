<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Project;
use App\Models\Revision;
use App\Models\User;
use App\Rules\BookCheck;
use Heurema\Layout\Layout;
use Illuminate\Support\Facades\DB;

/** Takes a drawn home into an office: a project with its first scheme and revision, examined at once. */
final readonly class OpenProject
{
    /** What every review is held against until its project chooses. */
    public const BOOKS = ['us-irc-2021', 'drawing'];

    public function __construct(private BookCheck $check) {}

    /** @param list<string> $books ids of the rule books to hold it against */
    public function open(User $by, Layout $layout, ?string $address, array $books): Revision
    {
        $report = $this->check->report($layout, $books);

        return DB::transaction(static function () use ($by, $layout, $address, $books, $report): Revision {
            $project = new Project(['name' => $layout->name, 'address' => $address]);
            $project->office()->associate($by->office_id);
            $project->save();
            $scheme = $project->schemes()->create(['name' => 'Scheme A', 'layout' => $layout, 'version' => 1]);

            return $scheme->revisions()->create([
                'number' => 1,
                'layout' => $layout,
                'books' => $books,
                'counts' => $report->counts(),
                'submitted_by' => $by->id,
            ]);
        });
    }
}
