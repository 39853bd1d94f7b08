<?php

declare(strict_types=1);

namespace App\Rules;

use Heurema\Review\Examiner;
use Heurema\Review\Report;
use Heurema\Rulebook\Shelf;
use Heurema\Spatial\Home;

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
        $read = array_map($this->shelf->book(...), $books);
        $chosen = new ChosenSettings($read);

        return $this->examiner->examine($home, $read, $chosen->read(array_intersect_key($settings, $chosen->known())));
    }
}
