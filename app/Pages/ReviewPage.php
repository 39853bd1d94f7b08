<?php

declare(strict_types=1);

namespace App\Pages;

use App\Drawing\LabelPlace;
use App\Drawing\PlanDrawing;
use App\Drawing\Sheet;
use App\Drawing\SubjectMarks;
use App\Drawing\Svg;
use App\Drawing\WitnessDrawing;
use App\Drawing\WitnessFigures;
use App\Examination\BookList;
use App\Examination\ChosenSettings;
use App\Examination\ListedBook;
use App\Models\Remark;
use App\Models\Revision;
use App\Rulings\Rulings;
use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\Storey;
use Heurema\Review\Finding;
use Heurema\Review\MissingWords;
use Heurema\Review\Report;
use Heurema\Review\Verdict;
use Heurema\Rulebook\Language\Setting;
use Heurema\Rulebook\RuleBook;

/** One revision's findings beside its plan: which are listed, which one is chosen, which storey is drawn. */
final readonly class ReviewPage
{
    public ?Finding $chosen;
    public string $storey;

    /** @var list<Finding> */
    public array $listed;

    public Sheet $sheet;

    private LabelPlace $labels;

    /** What nobody has ruled on yet. */
    public const WAITING = 'waiting';

    /** The items of the letter before, in their order. */
    public const LETTER = 'letter';

    /** `open`, `waiting`, `all` or a verdict */
    public string $show;

    /** id of the book whose findings are listed; empty: of all */
    public string $book;

    /**
     * @param string $finding fingerprint of the finding asked for, or empty
     * @param string $subject id of the thing pointed at, or empty; its worst finding is chosen
     * @param string $storey  id of the storey asked for, or empty
     * @param string $show    which verdicts are asked for, or empty
     * @param string $book    of which book, or empty
     * @param int    $differing findings of a review that is over which today's rules would bring out otherwise
     */
    public function __construct(
        public Revision $revision,
        public Report $report,
        public Rulings $rulings,
        private BookList $books,
        string $finding,
        string $subject,
        string $storey,
        string $show,
        string $book,
        public int $differing,
    ) {
        $this->book = in_array($book, array_map(static fn(RuleBook $held): string => $held->id, $report->books), true) ? $book : '';
        $this->show = $show === 'all'
            || $show === self::WAITING
            || ($show === self::LETTER && $revision->answers !== null)
            || Verdict::tryFrom($show) !== null
            ? $show
            : 'open';
        $this->listed = $this->show === self::LETTER
            ? $this->ofLetter()
            : array_values(array_filter($report->worstFirst(), fn(Finding $one): bool => $this->isOfBook($one) && $this->isListed($one)));
        $this->chosen = $report->finding($finding) ?? $this->worstOf($subject) ?? ($subject === '' ? ($this->listed[0] ?? null) : null);
        $this->storey = $this->storeyToDraw($storey);
        $this->sheet = Sheet::of($revision->layout);
        $this->labels = new LabelPlace($report->home, $this->sheet->scale(), isOnPage: true);
    }

    /** @return list<Finding> those of the letter before that are still asked, in the order of its items */
    private function ofLetter(): array
    {
        return array_values(array_filter(array_map(
            fn(array $item): ?Finding => $this->report->finding($item['key']),
            $this->revision->answers ?? [],
        )));
    }

    /**
     * @return list<array{
     *     number: int,
     *     key: string,
     *     title: string,
     *     clause: string,
     *     subject: string,
     *     asked: string|null,
     *     answer: string|null,
     * }>
     *     items of the letter before whose findings are no more, and remarks
     */
    public function itemsWithoutFinding(): array
    {
        return array_values(array_filter(
            $this->revision->answers ?? [],
            fn(array $item): bool => $this->report->finding($item['key']) === null,
        ));
    }

    /**
     * @return array{number: int, key: string, title: string, clause: string, subject: string, asked: string|null, answer: string|null}|null
     *     the item of the letter before that a finding is
     */
    public function item(Finding $finding): ?array
    {
        foreach ($this->revision->answers ?? [] as $item) {
            if ($item['key'] === $finding->fingerprint()) {
                return $item;
            }
        }

        return null;
    }

    /** @return list<ListedBook> all that it could be held against */
    public function shelf(): array
    {
        return $this->books->books();
    }

    /** @return array<string, string> why a book cannot be chosen, by its id */
    public function unreadableBooks(): array
    {
        return $this->books->unreadable();
    }

    /** @return list<Storey> highest first, as a section through the home has them */
    public function storeys(): array
    {
        return array_reverse($this->revision->layout->storeys);
    }

    /** @return array<string, array{label: string, count: int, verdict: Verdict|null}> the choices of what is listed */
    public function choices(): array
    {
        $findings = array_filter($this->report->findings, $this->isOfBook(...));
        $counts = (new Report($this->report->home, $this->report->books, array_values($findings)))->counts();
        $open = count(array_filter($findings, static fn(Finding $finding): bool => $finding->verdict()->isOpen()));
        $choices = [
            'open' => ['label' => __('Open'), 'count' => $open, 'verdict' => null],
            ...(
                $this->revision->answers === null
                    ? []
                    : [self::LETTER => ['label' => __('Letter'), 'count' => count($this->revision->answers), 'verdict' => null]]
            ),
            self::WAITING => [
                'label' => __('Unruled'),
                'count' => count(array_filter($findings, $this->rulings->isWaiting(...))),
                'verdict' => null,
            ],
        ];
        foreach (Verdict::cases() as $verdict) {
            $label = Text::capital($verdict->words());
            $choices[$verdict->value] = ['label' => $label, 'count' => $counts[$verdict->value], 'verdict' => $verdict];
        }

        return $choices;
    }

    /** @return array<string, array{title: string, open: int}> by id: the books that it is held against */
    public function heldAgainst(): array
    {
        $held = [];
        foreach ($this->report->books as $book) {
            $open = array_filter(
                $this->report->findings,
                static fn(Finding $finding): bool => $finding->book === $book && $finding->verdict()->isOpen(),
            );
            $held[$book->id] = ['title' => $book->title, 'open' => count($open)];
        }

        return $held;
    }

    /** How many other open findings of the same rule wait to be ruled on. */
    public function alike(): int
    {
        return count(array_filter(
            $this->report->findings,
            fn(Finding $other): bool => $other !== $this->chosen
                && $other->ruleName() === $this->chosen?->ruleName()
                && $this->rulings->isWaiting($other),
        ));
    }

    /** @return list<string> what a finding lacks, in words */
    public function missing(Finding $finding): array
    {
        return (new MissingWords($this->report->home))->of($finding->outcome->missing);
    }

    public function called(string $element): string
    {
        return (new MissingWords($this->report->home))->called($element);
    }

    /** @return list<StatableValue> what the chosen finding lacks and a reviewer may state */
    public function statable(): array
    {
        return StatableValue::among($this->chosen->outcome->missing ?? [], $this->report->home->layout);
    }

    /** @return list<Remark> on the storey that is drawn */
    public function remarks(): array
    {
        return array_values($this->revision->remarks->filter(fn(Remark $remark): bool => $remark->storey === $this->storey)->all());
    }

    /** The remarks pinned to the plan. */
    public function pins(): string
    {
        return implode(
            '',
            array_map(
                static fn(Remark $remark, int $number): string => Svg::pinned(
                    new Point($remark->x, $remark->y),
                    'remark-pin',
                    Svg::element('circle', ['r' => 9]).Svg::element('text', ['y' => 4], (string) ($number + 1))
                        .Svg::element('title', [], Svg::text($remark->words)),
                ),
                $this->remarks(),
                array_keys($this->remarks()),
            ),
        );
    }

    /** @return list<Finding> what all books say of what the chosen finding measures; none when it stands alone */
    public function sideBySide(): array
    {
        $beside = $this->chosen === null ? [] : $this->report->beside($this->chosen);

        return count($beside) > 1 ? $beside : [];
    }

    /** @return array<string, Setting> what the chosen books leave to the project, by name */
    public function settings(): array
    {
        return (new ChosenSettings($this->report->books))->known();
    }

    /** What is chosen for a setting, as typed. */
    public function setting(Setting $setting): string
    {
        return $this->revision->settings[$setting->name] ?? $setting->written;
    }

    /** The address of this page with one thing chosen otherwise. */
    public function address(?string $finding = null, ?string $storey = null, ?string $show = null, ?string $book = null): string
    {
        $show ??= $this->show;
        $book ??= $this->book;

        return route('review', array_filter([
            'revision' => $this->revision->id,
            'finding' => $finding,
            'storey' => $storey,
            'show' => $show === 'open' ? null : $show,
            'book' => $book === '' ? null : $book,
        ], static fn(int|string|null $part): bool => $part !== null));
    }

    public function plan(): string
    {
        $plan = $this->report->home->plans[$this->storey] ?? null;
        if ($plan === null) {
            return '';
        }
        return (new PlanDrawing($this->report->home, $plan, $this->labels))->layers()
            .(new SubjectMarks($this->report, $this->storey, $this->labels))->draw().$this->pins();
    }

    public function witness(): string
    {
        $plan = $this->report->home->plans[$this->storey] ?? null;

        return $this->chosen === null || $plan === null
            ? ''
            : (new WitnessDrawing($this->chosen, $this->storey))
                ->drawForAllScales(new WitnessFigures($this->report->home, $plan, $this->labels));
    }

    /** What the plan should bring into sight; null when the chosen finding shows nothing on it. */
    public function focus(): ?string
    {
        return $this->chosen === null ? null : (new WitnessDrawing($this->chosen, $this->storey))->bounds();
    }

    public function storeyName(): ?string
    {
        return $this->report->home->layout->storey($this->storey)?->name;
    }

    /** How far the needle turns from pointing up, clockwise. */
    public function northTurn(): string
    {
        return Svg::number(90 - ($this->revision->layout->north ?? 90.0));
    }

    public function isChosen(Finding $finding): bool
    {
        return $this->chosen !== null && $this->chosen->fingerprint() === $finding->fingerprint();
    }

    private function isOfBook(Finding $finding): bool
    {
        return $this->book === '' || $finding->book->id === $this->book;
    }

    private function isListed(Finding $finding): bool
    {
        return match ($this->show) {
            'open' => $finding->verdict()->isOpen(),
            self::WAITING => $this->rulings->isWaiting($finding),
            'all' => true,
            default => $finding->verdict()->value === $this->show,
        };
    }

    private function worstOf(string $subject): ?Finding
    {
        foreach ($this->report->worstFirst() as $finding) {
            if ($finding->subject->id() === $subject) {
                return $finding;
            }
        }

        return null;
    }

    /** The storey asked for, else the one that the chosen finding lies on. */
    private function storeyToDraw(string $asked): string
    {
        $known = array_map(static fn(Storey $storey): string => $storey->id, $this->revision->layout->storeys);
        $ofFinding = $this->chosen === null
            ? null
            : ($this->chosen->subject->storey() ?? $this->chosen->outcome->witness[0]->storey ?? null);
        foreach ([$asked, $ofFinding] as $candidate) {
            if (in_array($candidate, $known, true)) {
                return $candidate;
            }
        }

        return $known[0] ?? '';
    }
}
