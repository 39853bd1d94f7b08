<?php

declare(strict_types=1);

namespace App\Rulings;

use App\Models\Ruling;

/** The ruling that stands for a finding, decided on this revision or carried over from an earlier one. */
final readonly class StandingRuling
{
    /**
     * @param bool $isCarried   decided on an earlier revision
     * @param bool $isOutdated  what was found has changed since: it is asked again
     */
    public function __construct(public Ruling $ruling, public bool $isCarried, public bool $isOutdated) {}
}
