<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Layout\Words\RoomUse;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\SubjectType;

/** Which rooms one comes through on the way in from outside, over doors, bare openings, open borders and stairs. */
final class WaysIn
{
    private const OUTSIDE = 'outside';

    /** @var array<string, array<string, true>> by room id or outside: what is next to it */
    private array $next = [];

    /** @var array<string, string>|null */
    private ?array $lastBefore = null;

    /** Deeper than this, mm, one falls: 30 in, from where on guards are needed (IRC R312.1.1). */
    private const STEP = 762.0;

    /** @var list<string> what keeps one from telling */
    public array $missing = [];

    public function __construct(private readonly Home $home)
    {
        foreach ($home->openings as $opening) {
            if ($opening->type() === SubjectType::Door && !$opening->isInPartyWall() && $this->isWay($opening)) {
                $this->link($this->key($opening->left), $this->key($opening->right));
            }
        }
        foreach ($home->rooms as $room) {
            foreach ($home->plans[$room->storey()]->neighbours($room) as $neighbour) {
                if ($neighbour->wall->isOpenBoundary()) {
                    $this->link($room->id(), $this->key($neighbour->beyond));
                }
            }
        }
        foreach ($home->stairs as $stair) {
            $this->climb($stair);
        }
    }

    /** Can one get from outside into the room? */
    public function reach(RoomSpace $room): bool
    {
        return isset($this->lastBefore()[$room->id()]);
    }

    /**
     * The rooms that one cannot but cross on the way in.
     *
     * @return list<string> their ids, from the inside out
     */
    public function crossedBefore(RoomSpace $room): array
    {
        $crossed = [];
        $last = $this->lastBefore();
        for ($here = $last[$room->id()] ?? self::OUTSIDE; $here !== self::OUTSIDE; $here = $last[$here]) {
            $crossed[] = $here;
        }

        return $crossed;
    }

    /**
     * The last place that every way in goes through before it comes to a place: dominators, by going over the places in the order
     * in which they are reached until nothing changes (Cooper, Harvey and Kennedy 2001).
     *
     * @return array<string, string> by place; what is not reached is left out
     */
    private function lastBefore(): array
    {
        if ($this->lastBefore !== null) {
            return $this->lastBefore;
        }
        $order = array_flip($this->reversePostorder());
        $last = [self::OUTSIDE => self::OUTSIDE];
        do {
            $changes = false;
            foreach ($order as $place => $_) {
                $common = null;
                foreach ($place === self::OUTSIDE ? [] : array_keys($this->next[$place] ?? []) as $before) {
                    if (isset($last[$before])) {
                        $common = $common === null ? $before : self::common($common, $before, $last, $order);
                    }
                }
                if ($common !== null && ($last[$place] ?? null) !== $common) {
                    $last[$place] = $common;
                    $changes = true;
                }
            }
        } while ($changes);

        return $this->lastBefore = $last;
    }

    /**
     * @param array<string, string> $last
     * @param array<string, int>    $order
     */
    private static function common(string $one, string $other, array $last, array $order): string
    {
        while ($one !== $other) {
            [$one, $other] = $order[$one] > $order[$other] ? [$last[$one], $other] : [$one, $last[$other]];
        }

        return $one;
    }

    /** @return list<string> every place that is reached, before those that are only reached through it */
    private function reversePostorder(): array
    {
        $seen = [self::OUTSIDE => true];
        $postorder = [];
        $path = [[self::OUTSIDE, array_keys($this->next[self::OUTSIDE] ?? [])]];
        while ($path !== []) {
            $end = count($path) - 1;
            $next = array_pop($path[$end][1]);
            if ($next === null) {
                $postorder[] = $path[$end][0];
                array_pop($path);
            } elseif (!isset($seen[$next])) {
                $seen[$next] = true;
                $path[] = [$next, array_keys($this->next[$next] ?? [])];
            }
        }

        return array_reverse($postorder);
    }

    /** A door over a drop is no way out; where it is not known how deep it goes down outside, it may be one. */
    private function isWay(PlacedOpening $door): bool
    {
        if (!$door->left->isOutside() && !$door->right->isOutside()) {
            return true;
        }
        $walkable = OutsideLevel::isWalkable($door, $this->home, self::STEP);
        if ($walkable === null) {
            $this->missing[] = $door->plan->storey->elevation === null ? "{$door->storey()}.elevation" : "{$door->id()}.exterior_level";
        }

        return $walkable === true;
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
