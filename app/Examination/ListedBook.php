<?php

declare(strict_types=1);

namespace App\Examination;

/** A rule book as it is chosen from a list. */
final readonly class ListedBook
{
    /** @param string|null $amends id of the book that it amends */
    public function __construct(public string $id, public string $title, public ?string $amends) {}
}
