<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\RevisionState;

/** A scheme as it stood when it was submitted, or as it is drawn now. */
final readonly class ProjectStep
{
    /**
     * @param string             $plan    its lowest storey, SVG; empty where it cannot be read
     * @param string             $when    who submitted it and when; empty for what is drawn now
     * @param array<string, int> $counts  findings by verdict; none of what was not submitted
     * @param list<string>|null  $changes from the step before, in words; null: there is none before, or one cannot be read
     */
    public function __construct(
        public string $title,
        public string $address,
        public string $plan,
        public string $when,
        public ?RevisionState $state,
        public array $counts,
        public ?array $changes,
    ) {}
}
