<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Layout\Edit\Change;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Element;
use Heurema\Layout\Layout;
use Heurema\Layout\Marks;

/** An edit of a layout, after which everything has a mark: what stood there the one that it was shown with, what is new the next. */
final readonly class EditWithMarks implements Edit
{
    public function __construct(private Edit $edit, private Layout $before) {}

    public function on(Draft $draft): void
    {
        $this->edit->on($draft);
        if ($draft->changes() !== [] && GiveMarks::unmarked($draft) !== []) {
            $known = array_diff_key((new Marks($this->before))->all(), self::ofOtherKind($draft->changes()));
            (new GiveMarks($known))->on($draft);
        }
    }

    /**
     * @param list<Change> $changes
     *
     * @return array<true> what became something else, a door of a bare opening, by id
     */
    private static function ofOtherKind(array $changes): array
    {
        $other = [];
        foreach ($changes as $change) {
            [$before, $after] = [$change->before, $change->after];
            if ($before instanceof Element && $after instanceof Element && !Marks::areOfOneSeries($before, $after)) {
                $other[$after->id()] = true;
            }
        }

        return $other;
    }

    public function words(): string
    {
        return $this->edit->words();
    }
}
