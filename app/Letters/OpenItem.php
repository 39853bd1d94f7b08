<?php

declare(strict_types=1);

namespace App\Letters;

use Heurema\Review\Finding;

/** One item of the letter that is out, in the drawing as it is now. */
final readonly class OpenItem
{
    /**
     * @param string|null  $asked  the reviewer's words
     * @param Finding|null $now    what the check says of it now
     * @param string       $answer what the designer says to it
     */
    public function __construct(
        public int $number,
        public string $key,
        public string $title,
        public string $clause,
        public string $subject,
        public ?string $asked,
        public ItemState $state,
        public ?Finding $now,
        public string $answer,
    ) {}
}
