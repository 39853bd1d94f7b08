<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\SectionLine;

/** The line of a section from one place to another, called by the first letter that no other has. */
final readonly class DrawSectionLine implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $line = $asked->places('line');
        if (count($line) !== 2 || $line[0]->distanceTo($line[1]) < 1.0) {
            throw new RefusedEdit(__('A section runs along a line from one place to another.'));
        }

        return new Add(
            null,
            new SectionLine((new NewElements($layout))->nextId($this->list()), self::letter($layout), $line[0], $line[1]),
        );
    }

    public function list(): ElementList
    {
        return ElementList::Sections;
    }

    private static function letter(Layout $layout): string
    {
        $taken = array_map(static fn(SectionLine $one): string => $one->name, $layout->sections);
        $letter = 'A';
        while (in_array($letter, $taken, true)) {
            ++$letter;
        }

        return $letter;
    }
}
