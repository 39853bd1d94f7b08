<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exchange\ProjectContents;
use App\Exchange\ProjectRecord;
use App\Exchange\UnreadableProject;
use App\Files\StoredFile;
use App\Models\LogEntry;
use App\Models\PictureBeneath;
use App\Models\Project;
use App\Models\User;
use Heurema\Rulebook\RuleBookLibrary;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/**
 * Takes a whole project into an office out of its archive: all of it, or nothing when some of it cannot be shown. People are those of the
 * office who have the same address; others are known by their names alone.
 *
 * @phpstan-import-type Part from ProjectRecord
 */
final readonly class TakeProject
{
    public function __construct(private RuleBookLibrary $library, private TryProject $trial) {}

    /** @throws UnreadableProject */
    public function take(User $by, ProjectContents $contents): Project
    {
        $differing = $this->differingBooks($contents);
        $stored = [];
        try {
            return DB::transaction(function () use ($by, $contents, $differing, &$stored): Project {
                $keep = static function (string $extension, string $content) use (&$stored): string {
                    $stored[] = $file = 'pictures/'.Str::random(40).".{$extension}";
                    StoredFile::put(Storage::disk(PictureBeneath::DISK), $file, $content);

                    return $file;
                };
                $rows = new ProjectRows($by->office, $contents, $keep);
                $project = Project::query()->findOrFail($rows->insert());
                $this->trial->attempt($project);
                LogEntry::query()->create([
                    'project_id' => $project->id, 'user_id' => $by->id, 'words' => __('took the project in from an archive:it', [
                        'it' => $differing === [] ? '' : __('; other texts here than there: :differing', [
                            'differing' => implode(', ', $differing),
                        ]),
                    ]),
                ]);
                $by->office->log($by, __(':name taken in from an archive', ['name' => $project->name]));

                return $project;
            });
        } catch (\Throwable $e) {
            Storage::disk(PictureBeneath::DISK)->delete($stored);

            throw $e;
        }
    }

    /**
     * @return list<string> ids of the rule books that have other texts here than there
     *
     * @throws UnreadableProject when some are not here at all
     */
    private function differingBooks(ProjectContents $contents): array
    {
        $books = $contents->books();
        $missing = array_diff(array_keys($books), $this->library->ids());
        if ($missing !== []) {
            throw new UnreadableProject(__(
                'This installation has no rule book :missing. The archive holds it under books/: lay it beside the other rule '
                .'books first.',
                ['missing' => implode(', ', $missing)],
            ));
        }

        return array_values(array_filter(array_keys($books), fn(string $id): bool => $this->library->text($id) !== $books[$id]));
    }
}
