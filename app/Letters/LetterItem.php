<?php

declare(strict_types=1);

namespace App\Letters;

use App\Models\Ruling;
use Heurema\Review\Finding;

/** One point of a letter. */
final readonly class LetterItem
{
    public function __construct(public int $number, public Finding $finding, public Ruling $ruling, public string $room) {}

    /** @return array<string, mixed> for whoever reads it by machine */
    public function toArray(): array
    {
        return [
            'number' => $this->number,
            'rule' => $this->finding->ruleName(),
            'clause' => $this->finding->rule->clause,
            'title' => $this->finding->rule->title,
            'subject' => ['id' => $this->finding->subject->id(), 'name' => $this->finding->subject->name(), 'storey' => $this->finding->subject->storey()],
            'where' => $this->room,
            'measured' => $this->finding->measuredText(),
            'required' => $this->finding->limitText(),
            'short' => $this->finding->shortText(),
            'ruling' => $this->ruling->kind->value,
            'words' => $this->ruling->words,
        ];
    }
}
