<?php

declare(strict_types=1);

namespace Heurema\Measure;

/** The question makes no sense for this subject. */
final readonly class NotApplicable implements Measurement
{
    public function __construct(public string $reason) {}
}
