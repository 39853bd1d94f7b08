<?php

declare(strict_types=1);

namespace App\Letters;

use Heurema\Review\Finding;

/** How an item of a letter stands in the drawing as it is now. */
enum ItemState: string
{
    case Settled = 'settled';
    case Smaller = 'smaller';
    case Unchanged = 'unchanged';
    case Worse = 'worse';
    case Gone = 'gone';
    case Asked = 'asked';

    /** Of a limit such a share is no difference. */
    private const SAME = 1e-6;

    /** From the lightest to the gravest. */
    private const GRAVE = ['advised', 'undetermined', 'violated'];

    /**
     * @param Finding|null $now     the same finding in the drawing; null when what it was of is not drawn any more
     * @param string       $verdict when the letter was sent
     * @param float|null   $offBy   by how much of its limit it fell short then
     */
    public static function of(?Finding $now, string $verdict, ?float $offBy): self
    {
        if ($now === null) {
            return self::Gone;
        }
        if (!$now->verdict()->isOpen()) {
            return self::Settled;
        }
        $graver = array_search($now->verdict()->value, self::GRAVE, true) <=> array_search($verdict, self::GRAVE, true);
        $change = $offBy === null ? 0.0 : $now->outcome->shortfall() - $offBy;

        return match (true) {
            $graver !== 0 => $graver < 0 ? self::Smaller : self::Worse,
            abs($change) < self::SAME => self::Unchanged,
            default => $change < 0 ? self::Smaller : self::Worse,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Settled => __('settled'),
            self::Smaller => __('smaller, not settled'),
            self::Unchanged => __('unchanged'),
            self::Worse => __('worse'),
            self::Gone => __('gone: what it was of is not drawn any more'),
            self::Asked => __('to be answered'),
        };
    }
}
