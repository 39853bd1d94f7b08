<?php

declare(strict_types=1);

namespace App\Pages;

/** Something that was searched for and found. */
final readonly class FoundEntry
{
    /** @param string $detail what tells it from others of its title */
    public function __construct(public string $title, public string $detail, public string $address) {}

    /**
     * How well it fits what is typed.
     *
     * @param list<string> $words in small letters
     *
     * @return int|null the lower the better; null: it does not fit
     */
    public function rank(array $words): ?int
    {
        $title = mb_strtolower($this->title);
        $all = "{$title} ".mb_strtolower($this->detail);
        foreach ($words as $word) {
            if (!str_contains($all, $word)) {
                return null;
            }
        }
        $typed = implode(' ', $words);

        return match (true) {
            str_starts_with($title, $typed) => 0,
            preg_match('/(?<![\p{L}\p{N}])'.preg_quote($typed, '/').'/u', $title) === 1 => 1,
            default => 2,
        };
    }
}
