<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Wall;

/** A dimension made as long as wanted, in mm, by moving the element at one of its ends along it. */
final readonly class SetDimension implements Edit
{
    /**
     * @param Segment     $line    as it is drawn
     * @param string      $element id of what moves
     * @param bool        $atStart does it stand where the line begins?
     * @param CollinearWalls|null $inLine  what walls in one line with a wall do
     */
    public function __construct(
        private Segment $line,
        private float $wanted,
        private string $element,
        private bool $atStart,
        private ?CollinearWalls $inLine = null,
    ) {}

    public function on(Draft $draft): void
    {
        if ($this->line->length() < 0.01) {
            throw new RefusedEdit(Text::of('Choose a dimension.'));
        }
        $longer = $this->wanted - $this->line->length();
        $by = $this->line->direction()->times($this->atStart ? -$longer : $longer);
        $isWall = $draft->find($this->element)->element instanceof Wall;
        ($isWall ? new MoveWall($this->element, $by, $this->inLine) : new Move([$this->element], $by))->on($draft);
    }

    public function words(): string
    {
        return Text::of('Dimension set, {element} moved', element: $this->element);
    }
}
