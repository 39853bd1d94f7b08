<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Rulebook\Language\Speech;
use Heurema\Rulebook\Topics;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/** Everything of one kind in a home, with measured values, limits and verdicts. */
final readonly class Schedule
{
    /** @param list<ScheduleRow> $rows */
    private function __construct(public ScheduleKind $kind, public array $rows) {}

    public static function of(ScheduleKind $kind, Report $report): self
    {
        $measures = Catalogue::standard();
        $found = self::bySubjectAndTopic($report);
        $rows = [];
        foreach ($report->home->subjects($kind->subject()) as $subject) {
            $cells = [];
            foreach ($kind->columns() as $column => $name) {
                $measure = $measures->get($name) ?? throw new \LogicException("No measure {$name}.");
                $measured = $measure->of($subject, $report->home, new Parameters());
                $value = $measured instanceof Measured ? $measured->value : null;
                $cells[$column] = new ScheduleCell(
                    $value,
                    self::text($value, $measured instanceof NotApplicable, $report),
                    $found[self::key($subject, $name)] ?? null,
                );
            }
            $rows[] = new ScheduleRow(
                $subject,
                $report->home->marks()->of($subject->id()),
                $report->home->layout->storey($subject->storey() ?? '')->name ?? '',
                $cells,
            );
        }
        usort($rows, static fn(ScheduleRow $a, ScheduleRow $b): int => strnatcasecmp($a->mark, $b->mark));

        return new self($kind, $rows);
    }

    /**
     * @param string      $words  only rows that speak of them; empty: all
     * @param string|null $column what they are put in order by
     */
    public function arranged(string $words, ?string $column, bool $isDescending): self
    {
        $rows = array_values(array_filter(
            $this->rows,
            static fn(ScheduleRow $row): bool => $words === ''
                || mb_stripos(
                    implode(
                        ' ',
                        [
                            $row->subject->name(),
                            $row->storey,
                            ...array_map(static fn(ScheduleCell $cell): string => $cell->text, $row->cells),
                        ],
                    ),
                    $words,
                ) !== false,
        ));
        if ($column !== null && isset($this->kind->columns()[$column])) {
            usort(
                $rows,
                static fn(
                    ScheduleRow $a,
                    ScheduleRow $b,
                ): int => self::order($a->cells[$column]->value) <=> self::order($b->cells[$column]->value),
            );
        }

        return new self($this->kind, $isDescending ? array_reverse($rows) : $rows);
    }

    /** @return array<string, mixed> rows with a cell for each measure, as programs read them */
    public function toArray(): array
    {
        $columns = $this->kind->columns();

        return [
            'kind' => $this->kind->value,
            'columns' => array_map(
                static fn(string $title, string $measure): array => ['measure' => $measure, 'title' => $title],
                array_keys($columns),
                array_values($columns),
            ),
            'rows' => array_map(static fn(ScheduleRow $row): array => [
                'id' => $row->subject->id(),
                'mark' => $row->mark,
                'name' => $row->subject->name(),
                'storey' => $row->storey,
                'cells' => array_combine(
                    $columns,
                    array_map(static fn(string $title): array => $row->cells[$title]->toArray(), array_keys($columns)),
                ),
            ], $this->rows),
        ];
    }

    /** @return array{int, float|string} */
    private static function order(Amount|bool|string|null $value): array
    {
        return match (true) {
            $value === null => [0, ''],
            $value instanceof Amount => [1, $value->number],
            default => [2, is_bool($value) ? (string) (int) $value : $value],
        };
    }

    /** @return array<string, Finding> the worst, by subject and measure */
    private static function bySubjectAndTopic(Report $report): array
    {
        $found = [];
        foreach ($report->worstFirst() as $finding) {
            foreach ($finding->verdict() === Verdict::NotApplicable ? [] : self::topics($finding) as $topic) {
                $found[self::key($finding->subject, $topic)] ??= $finding;
            }
        }

        return $found;
    }

    /**
     * A limit belongs to what was held against it alone, whatever else its rule asks.
     *
     * @return list<string>
     */
    private static function topics(Finding $finding): array
    {
        return $finding->outcome->topic === null ? Topics::of($finding->rule, $finding->book->vocabulary) : [$finding->outcome->topic];
    }

    private static function key(Subject $subject, string $topic): string
    {
        return "{$subject->id()} {$topic}";
    }

    private static function text(Amount|bool|string|null $value, bool $isNone, Report $report): string
    {
        return match (true) {
            $value === null => $isNone ? '' : '?',
            $value instanceof Amount => $report->home->write($value),
            default => Speech::word($value),
        };
    }
}
