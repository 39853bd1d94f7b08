<?php

declare(strict_types=1);

namespace Heurema\Units;

use Heurema\Language\Text;

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

            return Text::of(
                'Is this {kind} {found}? Usual are {least} to {most}.',
                kind: $this->kind->words(),
                found: $found,
                least: $least,
                most: $most,
            );
        }

        return Text::of(
            'Is this {kind} {found}? {likely} is more likely ({how}).',
            kind: $this->kind->words(),
            found: $found,
            likely: $notation->write(Amount::length($this->likely)),
            how: $this->how,
        );
    }
}
