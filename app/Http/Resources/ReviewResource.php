<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Letter;
use App\Models\Revision;
use App\Rulings\Rulings;
use App\Rulings\StandingRuling;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A revision with the state of its review: what waits, what was ruled, which letters went out.
 *
 * @mixin Revision
 */
final class ReviewResource extends JsonResource
{
    public function __construct(private readonly Revision $revision, private readonly Report $report)
    {
        parent::__construct($revision);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $rulings = Rulings::of($this->revision);

        return [
            ...(new RevisionSummary($this->revision))->toArray($request),
            'project' => ['id' => $this->scheme->project->id, 'name' => $this->scheme->project->name],
            'scheme' => ['id' => $this->scheme->id, 'name' => $this->scheme->name],
            'submitted_by' => $this->submitter->name,
            'answer' => $this->answer,
            'books' => $this->books,
            'settings' => (object) $this->settings,
            'waiting' => count(array_filter($this->report->findings, $rulings->isWaiting(...))),
            'rulings' => $this->ruled($rulings),
            'letters' => $this->letters->map(static fn(Letter $letter): array => [
                'id' => $letter->id,
                'sent_at' => $letter->created_at->toIso8601ZuluString(),
                'sent_by' => $letter->user->name,
                'content' => $letter->content,
            ])->all(),
            'links' => [
                'report' => route('api.report', $this->id),
                'layout' => route('api.home', [$this->id, 'json']),
                'model' => route('api.home', [$this->id, 'ifc']),
                'page' => route('review', $this->id),
            ],
        ];
    }

    /** @return list<array<string, mixed>> */
    private function ruled(Rulings $rulings): array
    {
        $standing = array_map(
            static fn(Finding $finding): ?array => self::ruling($finding, $rulings->for($finding)),
            $this->report->findings,
        );

        return array_values(array_filter($standing, static fn(?array $one): bool => $one !== null));
    }

    /** @return array<string, mixed>|null */
    private static function ruling(Finding $finding, ?StandingRuling $standing): ?array
    {
        return $standing === null ? null : [
            'finding' => $finding->fingerprint(),
            'verdict' => $finding->verdict()->value,
            'ruling' => $standing->ruling->kind->value,
            'words' => $standing->ruling->words,
            'by' => $standing->ruling->user->name,
            'at' => $standing->ruling->created_at->toIso8601ZuluString(),
            'is_carried_over' => $standing->isCarried,
            'is_outdated' => $standing->isOutdated,
        ];
    }
}
