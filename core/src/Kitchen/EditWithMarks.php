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
        $other = self::ofOtherKind($draft->changes());
        foreach ($other as $id => $before) {
            $now = $draft->find((string) $id)->element;
            // a mark that somebody thought of stays
            if (Marks::isNumbered($before) && $now->mark() === $before->mark()) {
                $draft->replace($now->withMark(null));
            }
        }
        if ($draft->changes() !== [] && GiveMarks::unmarked($draft) !== []) {
            (new GiveMarks(array_diff_key($this->shown(), $other)))->on($draft);
        }
    }

    /** @return array<string> what those were shown with whose mark the document did not say, by id; a mark that is taken away is gone */
    private function shown(): array
    {
        $shown = (new Marks($this->before))->all();
        foreach ((new Draft($this->before))->marked() as $element) {
            if ($element->mark() !== null) {
                unset($shown[$element->id()]);
            }
        }

        return $shown;
    }

    /**
     * @param list<Change> $changes
     *
     * @return array<Element> what became something else, a door of a bare opening, as it was, by id
     */
    private static function ofOtherKind(array $changes): array
    {
        $other = [];
        foreach ($changes as $change) {
            [$before, $after] = [$change->before, $change->after];
            if ($before instanceof Element && $after === null) {
                unset($other[$before->id()]);
            }
            if ($before instanceof Element && $after instanceof Element && !Marks::areOfOneSeries($before, $after)) {
                $other[$after->id()] = $before;
            }
        }

        return $other;
    }

    public function words(): string
    {
        return $this->edit->words();
    }
}
