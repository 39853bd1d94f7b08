<?php

declare(strict_types=1);

namespace Heurema\Units;

/** A length that is hard to believe. */
final readonly class UnlikelyLength
{
    /** @param float|null $likely mm; null when no slip explains it */
    public function __construct(public ExpectedLength $kind, public float $mm, public ?float $likely, public string $how) {}

    /** `Is this counter 170 mm? 1700 mm is more likely (a nought too few, or centimetres for millimetres).` */
    public function question(Notation $notation): string
    {
        $found = $notation->write(Amount::length($this->mm));
        if ($this->likely === null) {
            [$least, $most] = array_map(static fn(float $mm): string => $notation->write(Amount::length($mm)), $this->kind->range());

            return "Is this {$this->kind->words()} {$found}? Usual are {$least} to {$most}.";
        }

        return "Is this {$this->kind->words()} {$found}? {$notation->write(Amount::length($this->likely))} is more likely ({$this->how}).";
    }
}
