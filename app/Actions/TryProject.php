<?php

declare(strict_types=1);

namespace App\Actions;

use App\Examination\Basis;
use App\Examination\DecidedReports;
use App\Examination\KeptReports;
use App\Exchange\UnreadableProject;
use App\Letters\LetterProgress;
use App\Models\Project;
use App\Models\Revision;
use App\Models\Scheme;
use App\Rulings\Rulings;
use Heurema\Review\Report;
use Heurema\Spatial\Home;

/** Works out once what the pages of a project rest on, so that one that came from elsewhere is taken in only when it can be shown. */
final readonly class TryProject
{
    public function __construct(private KeptReports $reports, private DecidedReports $decided) {}

    /** @throws UnreadableProject */
    public function attempt(Project $project): void
    {
        foreach ($project->schemes()->with('revisions.statements')->get() as $scheme) {
            try {
                $this->scheme($scheme->setRelation('project', $project));
            } catch (\PDOException|\RedisException $e) {
                throw $e;
            } catch (\Throwable $e) {
                throw new UnreadableProject(__('":name" cannot be shown: :getMessage', [
                    'name' => $scheme->name,
                    'getMessage' => $e->getMessage(),
                ]), previous: $e);
            }
        }
    }

    private function scheme(Scheme $scheme): void
    {
        $now = $this->reports->report(new Home($scheme->layout), Basis::ofProject($scheme->project, $scheme->layout->units));
        LetterProgress::of($scheme)?->items($now);
        foreach ($scheme->revisions as $revision) {
            $rulings = Rulings::of($revision);
            array_map($rulings->for(...), $this->report($revision)->findings);
        }
    }

    private function report(Revision $revision): Report
    {
        return $this->decided->of($revision) ?? $this->reports->report(new Home($revision->examined()), Basis::ofRevision($revision));
    }
}
