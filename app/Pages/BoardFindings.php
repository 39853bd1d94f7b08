<?php

declare(strict_types=1);

namespace App\Pages;

use App\Letters\LetterProgress;
use App\Letters\OpenItem;
use App\Models\Scheme;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Spatial\Subject\SubjectType;

/** What the check of a scheme on the board leaves open. */
final readonly class BoardFindings
{
    /** @param string|null $chosen id of the element that is chosen */
    public function __construct(private Scheme $scheme, private Report $report, private ?string $chosen) {}

    /** @return list<Finding> what wants looking at, of the chosen element first; of a draft without what is of the home as a whole */
    public function open(): array
    {
        $open = array_values(array_filter($this->allOpen(), fn(Finding $finding): bool => !$this->isNotDrawnYet($finding)));
        $id = $this->chosen;
        usort($open, static fn(Finding $a, Finding $b): int => ($b->subject->id() === $id) <=> ($a->subject->id() === $id));

        return $open;
    }

    /** @return list<Finding> of a draft: what is of the home as a whole, and may only not be drawn yet */
    public function notDrawnYet(): array
    {
        return array_values(array_filter($this->allOpen(), $this->isNotDrawnYet(...)));
    }

    /** @return list<OpenItem> of the letter that is out */
    public function letterItems(): array
    {
        return LetterProgress::of($this->scheme)?->items($this->report) ?? [];
    }

    /** @return list<Finding> all that was asked of the chosen element, the open ones first */
    public function ofChosen(): array
    {
        return array_values(array_filter($this->report->worstFirst(), $this->isOfChosen(...)));
    }

    public function isOfChosen(Finding $finding): bool
    {
        return $finding->subject->id() === $this->chosen;
    }

    private function isNotDrawnYet(Finding $finding): bool
    {
        return $this->scheme->isDraft() && in_array($finding->subject->type(), [SubjectType::Dwelling, SubjectType::Storey], true);
    }

    /** @return list<Finding> */
    private function allOpen(): array
    {
        return array_values(array_filter(
            $this->report->worstFirst(),
            static fn(Finding $finding): bool => $finding->verdict()->isOpen(),
        ));
    }
}
