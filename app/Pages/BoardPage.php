<?php

declare(strict_types=1);

namespace App\Pages;

use App\Actions\ChangeScheme;
use App\Actions\OpenProject;
use App\Board\Field;
use App\Board\Fields;
use App\Board\LengthField;
use App\Board\TypedValues;
use App\Drawing\BoardHandles;
use App\Drawing\LabelPlace;
use App\Drawing\PlanDrawing;
use App\Drawing\Sheet;
use App\Drawing\SubjectMarks;
use App\Models\Scheme;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Entry;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Storey;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Rulebook\Shelf;
use Heurema\Spatial\Home;
use Heurema\Units\UnitSystem;

/** A scheme on the board: its plan, what is chosen on it, and what the check says. */
final readonly class BoardPage
{
    public Sheet $sheet;

    private function __construct(public Scheme $scheme, public Report $report, public string $storey, public ?Entry $chosen)
    {
        $this->sheet = Sheet::of($scheme->layout);
    }

    public static function of(Scheme $scheme, Examiner $examiner, Shelf $shelf, string $storey, string $select): self
    {
        $books = $scheme->revisions()->latest('number')->first()->books ?? OpenProject::BOOKS;
        $report = $examiner->examine(new Home($scheme->layout), array_map($shelf->book(...), $books));
        $storey = $scheme->layout->storey($storey)->id ?? ($scheme->layout->storeys[0]->id ?? '');

        return new self($scheme, $report, $storey, self::find($scheme, $select));
    }

    /** @return list<Storey> highest first */
    public function storeys(): array
    {
        return array_reverse($this->scheme->layout->storeys);
    }

    public function address(?string $storey = null): string
    {
        return route('board', array_filter(['scheme' => $this->scheme->id, 'storey' => $storey ?? $this->storey], static fn(int|string $part): bool => $part !== ''));
    }

    public function plan(): string
    {
        $plan = $this->report->home->plans[$this->storey] ?? null;
        if ($plan === null) {
            return '';
        }
        $labels = new LabelPlace($this->report->home, $this->sheet->scale());

        return (new PlanDrawing($this->report->home, $plan, $labels))->layers((new BoardHandles($plan))->draw())
            .(new SubjectMarks($this->report, $this->storey, $labels))->draw();
    }

    /** @return list<Field> */
    public function fields(): array
    {
        return $this->chosen === null ? [] : Fields::of($this->chosen);
    }

    public function value(Field $field): string
    {
        return $this->chosen === null ? '' : (new TypedValues($this->scheme->layout->units))->write($this->chosen, $field);
    }

    /** How long the chosen wall is. */
    public function wallLength(): ?string
    {
        return $this->chosen?->list === 'walls' ? $this->report->home->length($this->chosen->line()->length()) : null;
    }

    /** @return list<Finding> what wants looking at, of the chosen element first */
    public function findings(): array
    {
        $open = array_values(array_filter($this->report->worstFirst(), static fn(Finding $finding): bool => $finding->verdict()->isOpen()));
        $id = $this->chosen?->id();
        usort($open, static fn(Finding $a, Finding $b): int => ($b->subject->id() === $id) <=> ($a->subject->id() === $id));

        return $open;
    }

    public function isOfChosen(Finding $finding): bool
    {
        return $this->chosen !== null && $finding->subject->id() === $this->chosen->id();
    }

    public function undoWords(): ?string
    {
        return ChangeScheme::lastDone($this->scheme)?->words;
    }

    public function redoWords(): ?string
    {
        return ChangeScheme::firstUndone($this->scheme)?->words;
    }

    /** The distance by which an arrow key moves a thing, mm. */
    public function step(): float
    {
        return $this->scheme->layout->units === UnitSystem::Imperial ? 25.4 : 10.0;
    }

    public function usualThickness(): string
    {
        return LengthField::write($this->scheme->layout->units === UnitSystem::Imperial ? 114.3 : 100.0, $this->scheme->layout->units);
    }

    private static function find(Scheme $scheme, string $id): ?Entry
    {
        try {
            return $id === '' ? null : (new Draft($scheme->layout))->find($id);
        } catch (RefusedEdit) {
            return null;
        }
    }
}
