<?php

declare(strict_types=1);

namespace App\Rulings;

use App\Models\Revision;
use App\Models\Ruling;
use App\Models\RulingKind;
use Heurema\Review\Finding;
use Heurema\Review\FoundFacts;

/** All rulings that stand for a revision: its own, and those of earlier revisions of the same scheme that carry over. */
final class Rulings
{
    /** @var array<string, Ruling> the latest one by fingerprint */
    private array $latest = [];

    private function __construct(private readonly Revision $revision) {}

    public static function of(Revision $revision): self
    {
        $rulings = new self($revision);
        $known = Ruling::query()->with('user')
            ->whereIn(
                'revision_id',
                Revision::query()->where('scheme_id', $revision->scheme_id)->where('number', '<=', $revision->number)->select('id'),
            )
            ->orderBy('id')->get();
        foreach ($known as $ruling) {
            $rulings->latest[$ruling->finding] = $ruling;
        }

        return $rulings;
    }

    public function for(Finding $finding): ?StandingRuling
    {
        $ruling = $this->latest[$finding->fingerprint()] ?? null;

        return $ruling === null
            ? null
            : new StandingRuling($ruling, $ruling->revision_id !== $this->revision->id, !self::isAsThen($ruling, $finding));
    }

    private static function isAsThen(Ruling $ruling, Finding $finding): bool
    {
        return $ruling->found === null
            ? $ruling->facts === $finding->facts()
            : FoundFacts::read($ruling->found)->agreesWith($finding->foundFacts());
    }

    /** Does the finding wait for a reviewer: open, and not ruled on as it is now? */
    public function isWaiting(Finding $finding): bool
    {
        $standing = $this->for($finding);

        return $finding->verdict()->isOpen() && ($standing === null || $standing->isOutdated);
    }

    /** The kind of ruling that stands for the finding as it is now. */
    public function kind(Finding $finding): ?RulingKind
    {
        $standing = $this->for($finding);

        return $standing === null || $standing->isOutdated ? null : $standing->ruling->kind;
    }
}
