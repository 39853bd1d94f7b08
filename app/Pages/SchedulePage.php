<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Revision;
use Heurema\Review\Schedule;
use Heurema\Review\ScheduleCell;
use Heurema\Review\ScheduleKind;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;

/** A schedule as it is read, sorted, copied and handed on. */
final readonly class SchedulePage
{
    public function __construct(
        public Revision $revision,
        public Schedule $schedule,
        public string $search,
        public ?string $sort,
        public bool $isDescending,
    ) {}

    /** @return list<string> */
    public function columns(): array
    {
        return array_keys($this->schedule->kind->columns());
    }

    /** Is each row a storey itself? */
    public function isByStorey(): bool
    {
        return $this->schedule->kind->subject() === SubjectType::Storey;
    }

    /** The address with the rows put in order by a column, the other way round when they are already. */
    public function sorted(string $column): string
    {
        return $this->address(['sort' => $column, 'down' => $this->sort === $column && !$this->isDescending ? 1 : null]);
    }

    public function file(string $format): string
    {
        return $this->address(['format' => $format, 'sort' => $this->sort, 'down' => $this->isDescending ? 1 : null]);
    }

    public function kind(ScheduleKind $kind): string
    {
        return route('review.schedule', [$this->revision, $kind->value]);
    }

    /** @return list<list<string|float|int|bool|null>> the first row names the columns; lengths in mm, areas in m², shares as they are */
    public function table(): array
    {
        $head = [__('Id'), __('Mark'), __('Name'), __('Storey')];
        foreach ($this->schedule->kind->columns() as $column => $measure) {
            array_push($head, $column, __(':column, limit', ['column' => $column]), __(':column, verdict', ['column' => $column]));
        }
        $rows = [$head];
        foreach ($this->schedule->rows as $row) {
            $cells = [$row->subject->id(), $row->mark, $row->subject->name(), $row->storey];
            foreach ($row->cells as $cell) {
                array_push($cells, self::value($cell), $cell->limit(), $cell->finding?->verdict()->words());
            }
            $rows[] = $cells;
        }

        return $rows;
    }

    private static function value(ScheduleCell $cell): string|float|bool|null
    {
        return $cell->value instanceof Amount ? round($cell->value->number, 4) : $cell->value;
    }

    /** @param array<string, string|int|null> $with */
    private function address(array $with): string
    {
        return route(
            'review.schedule',
            array_filter(
                [$this->revision->id, $this->schedule->kind->value, 'q' => $this->search === '' ? null : $this->search, ...$with],
                static fn(int|string|null $part): bool => $part !== null,
            ),
        );
    }
}
