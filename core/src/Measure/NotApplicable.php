<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Words\Message;

/** The question makes no sense for this subject. */
final readonly class NotApplicable implements Measurement
{
    public function __construct(public Message $reason) {}
}
