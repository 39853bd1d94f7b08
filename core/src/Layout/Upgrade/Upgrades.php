<?php

declare(strict_types=1);

namespace Heurema\Layout\Upgrade;

/** Documents of every version there was, made into the current one step by step: they are read for ever. */
final readonly class Upgrades
{
    /** @param list<Upgrade> $steps one from each version but the current, the oldest first */
    public function __construct(private array $steps) {}

    /** Those of the layout document. So far there is one version. */
    public static function ofLayouts(): self
    {
        return new self([]);
    }

    /** What is no document, or of a version that is not known, stays as it is: the reader says so. */
    public function apply(mixed $document): mixed
    {
        foreach ($this->steps as $step) {
            if ($document instanceof \stdClass && ($document->version ?? null) === $step->from()) {
                $document = $step->apply(clone $document);
                $document->version = $step->from() + 1;
            }
        }

        return $document;
    }
}
