<?php

declare(strict_types=1);

namespace App\Pages;

use App\Actions\ChangeScheme;
use App\Actions\FoldEdits;
use App\Board\ElementNames;
use App\Board\LengthField;
use App\Drawing\BoardHandles;
use App\Drawing\Catches;
use App\Drawing\DimensionStyle;
use App\Drawing\FreePlaces;
use App\Drawing\LabelPlace;
use App\Drawing\LiveDimensions;
use App\Drawing\OpenEdgeMarks;
use App\Drawing\PlanDrawing;
use App\Drawing\Sheet;
use App\Drawing\StoreyBelow;
use App\Drawing\SubjectMarks;
use App\Drawing\SurveyDrawing;
use App\Drawing\Svg;
use App\Drawing\WitnessDrawing;
use App\Drawing\WitnessFigures;
use App\Examination\Basis;
use App\Examination\BookCheck;
use App\Examination\KeptReports;
use App\Examination\ListedBook;
use App\Models\PendingPage;
use App\Models\PictureBeneath;
use App\Models\Scheme;
use App\Pages\Inspector\AxisChoices;
use App\Pages\Inspector\BlockChoices;
use App\Pages\Inspector\Chosen;
use App\Pages\Inspector\Inspector;
use App\Pages\Inspector\SeveralFields;
use Heurema\Layout\Edit\DraftElement;
use Heurema\Layout\Storey;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;

/** A scheme on the board: its plan, what is chosen on it, and what the check says. */
final class BoardPage
{
    public readonly Sheet $sheet;

    public readonly DimensionStyle $style;

    public readonly Home $home;

    public readonly Inspector $inspector;

    private readonly LabelPlace $labels;

    private ?Report $report = null;

    /**
     * @param KeptReports|BookCheck $reports where a report is found, or worked out anew
     * @param string      $opened  fingerprint of the finding whose evidence is open
     * @param list<DraftElement> $several all that is chosen, where that is several
     */
    private function __construct(
        public readonly Scheme $scheme,
        private readonly BookCheck $check,
        private readonly KeptReports|BookCheck $reports,
        public readonly string $storey,
        public readonly ?DraftElement $chosen,
        private readonly string $opened,
        public readonly array $several,
    ) {
        $this->style = $scheme->dimensionStyle();
        $this->sheet = Sheet::of($scheme->layout, around: $this->style->around());
        $this->home = new Home($scheme->layout);
        $this->inspector = new Inspector(new Chosen($this->home, $storey, $chosen), $this->style);
        $this->labels = new LabelPlace($this->home, $this->sheet->scale(), $this->style, isOnPage: true);
    }

    /** @param list<string> $several ids of all that is chosen */
    public static function of(
        Scheme $scheme,
        BookCheck $check,
        KeptReports|BookCheck $reports,
        string $storey,
        string $select,
        string $opened = '',
        array $several = [],
    ): self {
        $storey = $scheme->layout->storey($storey)->id ?? ($scheme->layout->storeys[0]->id ?? '');

        return new self(
            scheme: $scheme,
            check: $check,
            reports: $reports,
            storey: $storey,
            chosen: Chosen::of($scheme->layout, $select),
            opened: $opened,
            several: array_values(array_filter(array_map(
                static fn(string $id): ?DraftElement => Chosen::of($scheme->layout, $id),
                $several,
            ))),
        );
    }

    /** What the check says; worked out when it is first asked for, after the plan. */
    public function report(): Report
    {
        return $this->report ??= $this->reports->report(
            $this->home,
            Basis::ofProject($this->scheme->project, $this->scheme->layout->units),
        );
    }

    public function storeyName(): ?string
    {
        return $this->home->layout->storey($this->storey)?->name;
    }

    /** @return list<Storey> highest first */
    public function storeys(): array
    {
        return array_reverse($this->scheme->layout->storeys);
    }

    public function address(?string $storey = null): string
    {
        return route(
            'board',
            array_filter(
                ['scheme' => $this->scheme->id, 'storey' => $storey ?? $this->storey],
                static fn(int|string $part): bool => $part !== '',
            ),
        );
    }

    public function plan(): string
    {
        $plan = $this->home->plans[$this->storey] ?? null;
        if ($plan === null) {
            return '';
        }

        $drawing = $this->drawing($plan);
        $places = $drawing->places();
        $this->openEdgeMarks($plan, $places)->draw();

        return (new StoreyBelow($this->home, $this->storey))->draw()
            .$drawing->layers((new BoardHandles($plan))->draw(), $places)
            .(new SurveyDrawing($this->home, $this->storey, $this->labels->scale, $places))->draw()
            .(new Catches($this->home, $plan))->draw()
            .Svg::element(
                'g',
                ['class' => 'layer-live'],
                $this->chosen === null
                    ? ''
                    : (new LiveDimensions($this->home, $this->storey, $this->sheet->scale()))->of($this->chosen->id()),
            );
    }

    private function drawing(StoreyPlan $plan): PlanDrawing
    {
        return new PlanDrawing($this->home, $plan, $this->labels, $this->style);
    }

    private function openEdgeMarks(StoreyPlan $plan, FreePlaces $places): OpenEdgeMarks
    {
        return new OpenEdgeMarks($this->home, $plan, $places, $this->labels->scale, $this->chosen?->id() ?? '');
    }

    /** The signs of what is open, over the plan. */
    public function marks(): string
    {
        return (new SubjectMarks($this->report(), $this->storey, $this->labels))->draw();
    }

    public function isOpened(Finding $finding): bool
    {
        return $finding->fingerprint() === $this->opened;
    }

    /** The finding whose evidence is open, as it is now. */
    private function opened(): ?Finding
    {
        foreach ($this->opened === '' ? [] : $this->report()->findings as $finding) {
            if ($this->isOpened($finding)) {
                return $finding;
            }
        }

        return null;
    }

    /** What the opened finding saw, drawn over the plan. */
    public function witness(): string
    {
        $opened = $this->opened();

        $plan = $this->home->plans[$this->storey] ?? null;

        return $opened === null || $plan === null
            ? ''
            : (new WitnessDrawing($opened, $this->storey))
                ->drawForAllScales(new WitnessFigures($this->home, $plan, $this->labels, $this->style));
    }

    public function focus(): ?string
    {
        $opened = $this->opened();

        return $opened === null ? null : (new WitnessDrawing($opened, $this->storey))->bounds();
    }

    /** @return list<list<MissingValue>> what a finding lacks; one of each list has to be known */
    public function missing(Finding $finding): array
    {
        return MissingValue::among($finding, $this->home);
    }

    /** The page of a PDF that is to lie under this storey and is not drawn yet. */
    public function pendingPage(): ?PendingPage
    {
        return $this->scheme->pages()->where('storey', $this->storey)->first();
    }

    public function severalFields(): SeveralFields
    {
        return new SeveralFields($this->scheme->layout, $this->several);
    }

    public function checked(): BoardFindings
    {
        return new BoardFindings($this->scheme, $this->report(), $this->chosen?->id());
    }

    /** The picture under the storey in sight. */
    public function pictureBeneath(): ?PictureBeneath
    {
        return $this->scheme->pictures()->where('storey', $this->storey)->first();
    }

    public function axes(): AxisChoices
    {
        return new AxisChoices($this->scheme->layout);
    }

    public function blocks(): BlockChoices
    {
        return new BlockChoices($this->home, $this->storey);
    }

    public function isChosen(string $list): bool
    {
        return $this->chosen?->list->value === $list;
    }

    /** A length of the drawing as it would be typed. */
    public function typed(float $mm): string
    {
        return LengthField::write(round($mm, 4), $this->scheme->layout);
    }

    /** What an element is called, as a heading: by what it is and where, never by its id. */
    public function called(DraftElement $entry): string
    {
        return (new ElementNames($this->home))->called($entry);
    }

    /** A sentence about the drawing, without ids. */
    public function sentence(?string $sentence): ?string
    {
        return $sentence === null ? null : (new ElementNames($this->home))->say($sentence);
    }

    /** The edges of the storey over which one can fall. */
    public function edgeMarks(): string
    {
        $plan = $this->home->plans[$this->storey];

        return $this->openEdgeMarks($plan, $this->drawing($plan)->places())->draw();
    }

    /** @return list<ListedBook> that a draft may be held against */
    public function books(): array
    {
        return $this->check->listed();
    }

    /** @return list<string> of those that it is held against */
    public function bookTitles(): array
    {
        return array_map(fn(string $id): string => $this->check->book($id)->title, $this->scheme->project->books);
    }

    /** @return array{string|null, string} what would be undone, null: nothing; and what is said of it */
    public function undo(): array
    {
        $last = ChangeScheme::lastDone($this->scheme, ['words', 'folded']);
        $words = $last?->folded === null ? $this->sentence($last?->words) : null;

        return [
            $words,
            $words
                ?? (
                    $last === null
                        ? __('Nothing to undo')
                        : __('What was handed in more than :days days ago is not undone any more', ['days' => FoldEdits::DAYS])
                ),
        ];
    }

    public function redoWords(): ?string
    {
        return $this->sentence(ChangeScheme::firstUndone($this->scheme, ['words'])?->words);
    }
}
