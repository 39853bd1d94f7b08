<?php

declare(strict_types=1);

namespace App\Examination;

use Heurema\Brief\Brief;
use Heurema\Review\Examiner;
use Heurema\Review\Report;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Units\Amount;

/** Holds a drawn home against what its project has chosen. */
final readonly class BookCheck
{
    public function __construct(
        private Examiner $examiner,
        private RuleBookLibrary $library,
        private RuleBookReader $reader,
        private BookList $list,
    ) {}

    public function report(Home $home, Basis $basis): Report
    {
        return $this->examiner->examine($home, $this->books($basis), $this->settings($basis));
    }

    /** @return array<string, Amount|bool|string> what was chosen, as the books read it; what no book has is left aside */
    public function settings(Basis $basis): array
    {
        $chosen = new ChosenSettings($this->books($basis));

        return $chosen->read(array_intersect_key($basis->settings, $chosen->known()));
    }

    /** @return list<ListedBook> all that there are */
    public function listed(): array
    {
        return $this->list->books();
    }

    public function book(string $id): RuleBook
    {
        return $this->library->book($id);
    }

    /** Another one whenever a rule book has been written anew. */
    public function stamp(): string
    {
        return $this->library->stamp();
    }

    /** @return list<RuleBook> */
    public function books(Basis $basis): array
    {
        return [
            ...array_map($this->library->book(...), $basis->books),
            ...($basis->brief === null ? [] : [$this->reader->read($basis->brief, Brief::ID)]),
        ];
    }
}
