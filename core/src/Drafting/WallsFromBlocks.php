<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Block;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Remove;
use Heurema\Layout\ElementList;
use Heurema\Layout\Intake\WallsAroundRooms;
use Heurema\Layout\Room;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\WallType;

/** The walls around the blocks of a storey, made once; the blocks become rooms of their clear sizes. */
final readonly class WallsFromBlocks
{
    /** @param float $outer thickness of outer walls @param float $inner thickness of partitions, both in mm */
    public function __construct(private Storey $storey, private float $outer, private float $inner) {}

    /**
     * @param callable(ElementList, int): list<string> $ids       so many of a list that are free
     * @param bool                                  $asTheyAre      what neighbours disagree in is meant so
     *
     * @throws RefusedEdit when blocks overlap, or neighbours disagree
     */
    public function make(callable $ids, bool $asTheyAre): Edit
    {
        $plan = new BlockPlan($this->storey->blocks, $this->inner);
        $this->refuseUnready($plan, $asTheyAre);
        $walls = (new WallsAroundRooms($this->outer, $this->inner))->walls(array_map(
            static fn(Block $block) => $block->box(),
            $plan->blocks,
        ));
        $drawn = [];
        foreach ($walls as $wall) {
            $pen = new WallPen(WallType::from($wall['type']), $wall['thickness']);
            $standing = new WallsAlong($this->storey, $wall['thickness']);
            $line = new Segment(new Point(...$wall['from']), new Point(...$wall['to']));
            foreach ($standing->gaps($line, $standing->beside($line)) as $gap) {
                $drawn[] = [$pen, $gap];
            }
        }
        [$wallIds, $roomIds] = [$ids(ElementList::Walls, count($drawn)), $ids(ElementList::Rooms, count($plan->blocks))];

        return new EditGroup([
            ...array_map(
                fn(array $wall, string $id): Edit => $wall[0]->draw($this->storey, $id, $wall[1]),
                $drawn,
                array_slice($wallIds, 0, count($drawn)),
            ),
            ...array_map($this->room(...), $plan->blocks, $roomIds),
            new Remove(array_map(static fn(Block $block): string => $block->id, $plan->blocks)),
        ], Text::of('{count} blocks made into rooms with walls', count: count($plan->blocks)));
    }

    private function refuseUnready(BlockPlan $plan, bool $asTheyAre): void
    {
        if ($plan->blocks === []) {
            throw new RefusedEdit(Text::of('There are no blocks on this storey.'));
        }
        foreach ($plan->overlaps() as [$first, $second]) {
            throw new RefusedEdit(Text::of(
                '{name} and {name2} leave no room for a wall between them: move one of them.',
                name: $first->name,
                name2: $second->name,
            ));
        }
        $questions = $asTheyAre ? [] : $plan->questions();
        if ($questions !== []) {
            throw new RefusedEdit(
                Text::of(
                    '{name} and {name2} do not agree yet: say which gives way, or that all is meant as it is.',
                    name: $questions[0]->first->name,
                    name2: $questions[0]->second->name,
                ),
            );
        }
    }

    private function room(Block $block, string $id): Add
    {
        return new Add($this->storey->id, new Room($id, $block->name, $block->use, $block->at));
    }
}
