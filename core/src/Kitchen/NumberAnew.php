<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Language\Text;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Element;
use Heurema\Layout\Marks;

/** Marks that are numbers of their series, or not said, given anew, in reading order; those that somebody thought of stay. */
final readonly class NumberAnew implements Edit
{
    public function on(Draft $draft): void
    {
        $elements = array_filter(
            $draft->marked(),
            static fn(Element $element): bool => $element->mark() === null || Marks::isNumbered($element),
        );
        $bare = new Draft($draft->layout());
        foreach ($elements as $element) {
            $bare->replace($element->withMark(null));
        }
        $marks = new Marks(GiveMarks::to($bare->layout()));
        $changed = array_filter($elements, static fn(Element $element): bool => $element->mark() !== $marks->of($element->id()));
        foreach ($changed as $element) {
            $draft->replace($element->withMark($marks->of($element->id())));
        }
        if ($changed === []) {
            throw new RefusedEdit(Text::of('Everything is numbered in reading order already.'));
        }
    }

    public function words(): string
    {
        return Text::of('Marks numbered anew');
    }
}
