<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Layout\Words\RoomUse;
use Heurema\Spatial\Stair\PlacedStair;

/** Which rooms one comes through on the way in from outside, over doors, bare openings, open borders and stairs. */
final class WaysIn
{
    private const OUTSIDE = 'outside';

    /** @var array<string, array<string, true>> by room id or outside: what is next to it */
    private array $next = [];

    /** @var list<string> what keeps one from telling */
    public array $missing = [];

    public function __construct(private readonly Home $home)
    {
        foreach ($home->openings as $opening) {
            if ($opening->type() === SubjectType::Door) {
                $this->link($this->key($opening->left), $this->key($opening->right));
            }
        }
        foreach ($home->rooms as $room) {
            foreach ($home->plans[$room->storey()]->neighbours($room) as $neighbour) {
                if ($neighbour->wall->isDivider()) {
                    $this->link($room->id(), $this->key($neighbour->beyond));
                }
            }
        }
        foreach ($home->stairs as $stair) {
            $this->climb($stair);
        }
    }

    /** Can one get from outside into the room without crossing another one? */
    public function reaches(RoomSpace $room, ?RoomSpace $without = null): bool
    {
        $seen = [self::OUTSIDE => true] + ($without === null ? [] : [$without->id() => true]);
        $ways = [self::OUTSIDE];
        while ($ways !== []) {
            $here = array_pop($ways);
            foreach (array_keys($this->next[$here] ?? []) as $next) {
                if ($next === $room->id()) {
                    return true;
                }
                if (!isset($seen[$next])) {
                    $seen[$next] = true;
                    $ways[] = $next;
                }
            }
        }

        return false;
    }

    private function link(string $one, string $other): void
    {
        if ($one !== $other) {
            $this->next[$one][$other] = $this->next[$other][$one] = true;
        }
    }

    /** A balcony is no way in; other open air is. */
    private function key(Beyond $beyond): string
    {
        return match (true) {
            $beyond->room?->room->use === RoomUse::Balcony => $beyond->room->id(),
            $beyond->isOpenAir() === true => self::OUTSIDE,
            $beyond->room !== null => $beyond->room->id(),
            default => $this->unnamed($beyond),
        };
    }

    private function unnamed(Beyond $beyond): string
    {
        $this->missing[] = $beyond->missing();

        return $beyond->words();
    }

    private function climb(PlacedStair $stair): void
    {
        if ($stair->from === null) {
            return;
        }
        $line = $stair->shape->walkline;
        $foot = $this->home->plans[$stair->from->id]->at($line[0]->minus(Point::towards($stair->stair->facing)->times(50)));
        $head = $this->home->plans[$stair->to->id]->at($line[count($line) - 1]);
        if ($foot !== null && $head !== null) {
            $this->link($this->key($foot), $this->key($head));
        }
    }
}
