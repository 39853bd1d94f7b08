<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\DraftElement;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Spatial\Home;
use Heurema\Spatial\SpaceSide;

/**
 * Several elements carried to another place as one, or copies of them: openings go with their walls, and so do the names of rooms all
 * of whose walls are carried.
 */
final readonly class Carried implements Edit
{
    /** In what is mirrored left is right. */
    private const OTHER = ['left' => 'right', 'right' => 'left'];

    /**
     * @param list<string>          $ids
     * @param array<string, string> $copies the id of each copy by what it is a copy of; none: the elements themselves are carried
     * @param string|null           $storey of the copies, null: their own
     */
    public function __construct(private array $ids, private Motion $motion, private string $words, private array $copies = [], private ?string $storey = null) {}

    public function on(Draft $draft): void
    {
        foreach (self::together($draft, $this->ids) as $id) {
            $entry = $draft->find($id);
            if ($entry->storey === null && ($this->copies !== [] || $this->motion->isMirrored())) {
                throw new RefusedEdit("{$entry->name()} is only moved and turned.");
            }
            if ($this->copies === []) {
                $entry->refuseIfLocked();
                $draft->change($entry, $this->there($entry));
            } else {
                $wall = is_string($entry->values['wall'] ?? null) ? ['wall' => $this->copies[$entry->values['wall']] ?? throw new RefusedEdit("{$entry->name()} is copied with its wall.")] : [];
                $draft->add($this->storey ?? $entry->storey, $entry->list, [...array_diff_key($entry->values, ['locked' => true]), ...$this->there($entry), ...$wall, 'id' => $this->copies[$id] ?? throw new RefusedEdit("{$entry->name()} has no id to be copied to.")]);
            }
        }
    }

    public function words(): string
    {
        return $this->words;
    }

    /**
     * What goes along: openings of walls, and the rooms inside them.
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

        return array_values(array_unique([...$ids, ...$along]));
    }

    /** @return array<string, mixed> */
    private function there(DraftElement $entry): array
    {
        return match ($entry->list) {
            'openings' => $this->opening($entry),
            'fixtures' => [...$entry->moved($this->motion->point(...)), ...$this->fixture($entry)],
            'stairs' => [...$entry->moved($this->motion->point(...)), 'facing' => $this->motion->direction($entry->number('facing') ?? 0.0)],
            'walls' => [...$entry->moved($this->motion->point(...)), ...($this->motion->isMirrored() && is_array($entry->values['lining'] ?? null) ? ['lining' => array_reverse($entry->values['lining'])] : [])],
            'blocks' => [...$entry->moved($this->motion->point(...)), ...$this->block($entry)],
            'storeys' => throw new RefusedEdit('A storey stays where it is.'),
            default => $entry->moved($this->motion->point(...)),
        };
    }

    /** @return array<string, mixed> it keeps its place in its wall */
    private function opening(DraftElement $opening): array
    {
        $side = $opening->values['opens'] ?? null;
        $wall = $opening->values['wall'] ?? null;
        if ($this->copies === [] && !in_array($wall, $this->ids, true)) {
            throw new RefusedEdit("{$opening->name()} goes with its wall.");
        }

        return $this->motion->isMirrored() && is_string($side) ? ['opens' => self::OTHER[$side]] : [];
    }

    /** @return array<string, mixed> */
    private function block(DraftElement $block): array
    {
        return match (true) {
            !$this->motion->keepsSquare() => throw new RefusedEdit('A block runs along the sheet: it is mirrored and turned by quarters.'),
            $this->motion->swapsAxes() => ['width' => $block->number('depth'), 'depth' => $block->number('width')],
            default => [],
        };
    }

    /** @return array<string, mixed> */
    private function fixture(DraftElement $fixture): array
    {
        $outline = $fixture->values['outline'] ?? null;
        $mirrored = [];
        foreach ($this->motion->isMirrored() && is_array($outline) ? array_reverse($outline) : [] as $at) {
            $mirrored[] = is_array($at) && is_numeric($at[0] ?? null) && is_numeric($at[1] ?? null) ? (new Point(-(float) $at[0], (float) $at[1]))->toArray() : [0.0, 0.0];
        }

        return ['facing' => $this->motion->direction($fixture->number('facing') ?? 0.0), ...($mirrored === [] ? [] : ['outline' => $mirrored])];
    }
}
