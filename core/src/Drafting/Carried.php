<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Motion;
use Heurema\Language\Text;
use Heurema\Layout\Block;
use Heurema\Layout\DrawnDimension;
use Heurema\Layout\Edit\CopiedDimension;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Element;
use Heurema\Layout\Opening;
use Heurema\Layout\Storey;
use Heurema\Spatial\Home;
use Heurema\Spatial\SpaceSide;

/**
 * Several elements carried to another place as one, or copies of them: openings go with their walls, and so do the names of rooms all
 * of whose walls are carried.
 */
final readonly class Carried implements Edit
{
    /**
     * @param list<string>          $ids
     * @param array<string, string> $copies the id of each copy by what it is a copy of; none: the elements themselves are carried
     * @param string|null           $storey of the copies, null: their own
     */
    public function __construct(
        private array $ids,
        private Motion $motion,
        private string $words,
        private array $copies = [],
        private ?string $storey = null,
    ) {}

    public function on(Draft $draft): void
    {
        foreach (self::together($draft, $this->ids) as $id) {
            $carried = $draft->find($id);
            if ($carried->storey === null && $this->copies !== []) {
                throw new RefusedEdit(Text::of('{carried} is moved, turned and mirrored, but not copied.', carried: $carried->name()));
            }
            if ($this->copies === []) {
                $carried->refuseIfLocked();
                $draft->replace($this->there($carried->element));
            } else {
                $draft->add($this->storey ?? $carried->storey, $this->copy($this->there($carried->element)));
            }
        }
    }

    public function words(): string
    {
        return $this->words;
    }

    /**
     * What goes along: openings of walls, the rooms inside them, and the dimensions between them.
     *
     * @param list<string> $ids
     *
     * @return list<string> walls before what is in them
     */
    public static function together(Draft $draft, array $ids): array
    {
        $home = new Home($draft->layout());
        $along = [];
        foreach ($home->openings as $opening) {
            if (in_array($opening->wall->id, $ids, true)) {
                $along[] = $opening->id();
            }
        }
        foreach ($home->rooms as $room) {
            $walls = array_map(static fn(SpaceSide $side): string => $side->wall->id, $room->sides());
            if ($walls !== [] && array_diff($walls, $ids) === []) {
                $along[] = $room->id();
            }
        }

        foreach ($home->layout->storeys as $storey) {
            foreach ($storey->dimensions as $dimension) {
                if (count($dimension->measures()) === 2 && array_diff($dimension->measures(), $ids, $along) === []) {
                    $along[] = $dimension->id;
                }
            }
        }

        return array_values(array_unique([...$ids, ...$along]));
    }

    private function there(Element $element): Element
    {
        return match (true) {
            $element instanceof Storey => throw new RefusedEdit(Text::of('A storey stays where it is.')),
            $element instanceof Opening && $this->copies === [] && !in_array($element->wall, $this->ids, true) => throw new RefusedEdit(
                Text::of('{element} goes with its wall.', element: $element->name()),
            ),
            $element instanceof Block && !$this->motion->keepsSquare() => throw new RefusedEdit(
                Text::of('A block runs along the sheet: it is mirrored and turned by quarters.'),
            ),
            default => $element->carried($this->motion),
        };
    }

    private function copy(Element $element): Element
    {
        $copy = $element->copied($this->copies[$element->id()] ?? throw new RefusedEdit(Text::of(
            '{element} has no id to be copied to.',
            element: $element->name(),
        )));

        if ($copy instanceof DrawnDimension) {
            return CopiedDimension::of($copy, $this->copies);
        }

        return $copy instanceof Opening
            ? $copy->inWall($this->copies[$copy->wall] ?? throw new RefusedEdit(Text::of(
                '{element} is copied with its wall.',
                element: $element->name(),
            )), $copy->at)
            : $copy;
    }
}
