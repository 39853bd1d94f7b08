<?php

declare(strict_types=1);

namespace Heurema\Review;

/** What two reviews found, one against the other: open findings gained, lost, and the same in both. */
final readonly class ReportDifference
{
    /** @var list<Finding> of the second only */
    public array $gained;

    /** @var list<Finding> of the first only */
    public array $lost;

    /** @var list<array{Finding, Finding}> of both, the first one's first */
    public array $kept;

    public function __construct(Report $first, Report $second)
    {
        $before = self::open($first);
        $after = self::open($second);
        $this->gained = array_values(array_diff_key($after, $before));
        $this->lost = array_values(array_diff_key($before, $after));
        $kept = [];
        foreach (array_intersect_key($before, $after) as $fingerprint => $finding) {
            $kept[] = [$finding, $after[$fingerprint]];
        }
        $this->kept = $kept;
    }

    /** @return array<string, Finding> by fingerprint */
    private static function open(Report $report): array
    {
        $open = [];
        foreach ($report->worstFirst() as $finding) {
            if ($finding->verdict()->isOpen()) {
                $open[$finding->fingerprint()] = $finding;
            }
        }

        return $open;
    }
}
