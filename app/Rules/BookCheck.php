<?php

declare(strict_types=1);

namespace App\Rules;

use Heurema\Review\Examiner;
use Heurema\Review\Report;
use Heurema\Rulebook\Shelf;
use Heurema\Spatial\Home;
use Heurema\Units\Amount;

/** Holds a drawn home against rule books that are named by their ids. */
final readonly class BookCheck
{
    public function __construct(private Examiner $examiner, private Shelf $shelf) {}

    /**
     * @param list<string>          $books
     * @param array<string, string> $settings as typed, by name; those that no book of these has are left aside
     */
    public function report(Home $home, array $books, array $settings): Report
    {
        return $this->examiner->examine($home, array_map($this->shelf->book(...), $books), $this->settings($books, $settings));
    }

    /**
     * @param list<string>          $books
     * @param array<string, string> $settings as typed, by name
     *
     * @return array<string, Amount|bool|string> as the books read them
     */
    public function settings(array $books, array $settings): array
    {
        $chosen = new ChosenSettings(array_map($this->shelf->book(...), $books));

        return $chosen->read(array_intersect_key($settings, $chosen->known()));
    }
}
