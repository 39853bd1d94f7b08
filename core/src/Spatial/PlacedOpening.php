<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Opening;
use Heurema\Layout\RoofWindow;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\WallSide;
use Heurema\Layout\Words\WallType;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** A door, window or gap in its wall, with what lies on either side. */
final readonly class PlacedOpening implements Subject
{
    /** How far from the wall's face, in mm, one looks to see what is there. */
    private const LOOK = 2.0;

    /** How far before the outer face, in mm, the ground counts. */
    private const OUTSIDE = 100.0;

    /** Where along the opening one looks first, besides its middle, as a share of its width. */
    private const NEARLY_HALF = 0.48;

    /** In how many places one looks where a wall ends behind it. */
    private const PLACES = 200;

    public Beyond $left;
    public Beyond $right;

    /** @param RoofPlane|null $roof that it lies in; null: it is in a wall */
    public function __construct(public Opening $opening, public Wall $wall, public StoreyPlan $plan, public ?RoofPlane $roof = null)
    {
        if ($roof === null) {
            $this->left = $this->look(WallSide::Left);
            $this->right = $this->look(WallSide::Right);
        } else {
            $this->left = $roof->room === null ? Beyond::unnamed($this->middle()) : Beyond::room($roof->room);
            $this->right = Beyond::outside();
        }
    }

    public static function inRoof(RoofWindow $window, StoreyPlan $plan): self
    {
        $roof = new RoofPlane($window, $plan->roomAt($window->at));

        return new self($roof->opening, $roof->wall, $plan, $roof);
    }

    /** How far something that is so long in its plane goes up, mm. */
    public function upright(float $length): float
    {
        return $length * ($this->roof->steepness ?? 1.0);
    }

    /** Its sill above the floor, mm; 0 where a door or bare opening says none, null where nobody said that of a window. */
    public function sill(): ?float
    {
        return $this->opening->sill ?? ($this->opening->window === null ? 0.0 : null);
    }

    /** Where the document would say how high its sill is: of a roof window, as the ceiling that it lies in. */
    public function sillKey(): string
    {
        return match (true) {
            $this->roof === null => "{$this->id()}.sill",
            $this->roof->room === null => "a room under {$this->id()}",
            default => $this->roof->room->ceilingKey(),
        };
    }

    /** Its head above the floor, mm; null where nobody said. */
    public function head(): ?float
    {
        $sill = $this->sill();

        return $sill === null || $this->opening->height === null ? null : $sill + $this->upright($this->opening->height);
    }

    public function type(): SubjectType
    {
        return $this->opening->kind === OpeningKind::Window ? SubjectType::Window : SubjectType::Door;
    }

    public function id(): string
    {
        return $this->opening->id;
    }

    public function name(): string
    {
        return $this->plan->called($this);
    }

    /** Its name within a sentence. */
    public function spoken(): string
    {
        return Text::of('the {name}', name: Text::small($this->name()));
    }

    public function storey(): string
    {
        return $this->plan->storey->id;
    }

    public function middle(): Point
    {
        return $this->wall->line()->at($this->opening->at);
    }

    /** The stretch of the wall's centre line that it takes, in the wall's direction. */
    public function span(): Segment
    {
        $half = ($this->opening->width ?? 0.0) / 2;
        $line = $this->wall->line();

        return new Segment($line->at($this->opening->at - $half), $line->at($this->opening->at + $half));
    }

    /**
     * That stretch moved to the left of the wall by so many mm; of an opening whose width nobody said as well, which has no direction of
     * its own.
     */
    public function spanAt(float $left): Segment
    {
        [$span, $out] = [$this->span(), $this->wall->line()->direction()->left()->times($left)];

        return new Segment($span->from->plus($out), $span->to->plus($out));
    }

    /** On the ground before it, where it leads outside. */
    public function placeOutside(): Point
    {
        $out = $this->wall->thickness / 2 + self::OUTSIDE;

        return $this->spanAt($this->left->isOpenAir() === true ? $out : -$out)->middle();
    }

    /** Does it join a room with the open air? Null when a side is not named. */
    public function isToOutside(): ?bool
    {
        if ($this->isInPartyWall()) {
            return false;
        }
        $sides = [$this->left->isOpenAir(), $this->right->isOpenAir()];

        return in_array(null, $sides, true) ? null : $sides[0] !== $sides[1];
    }

    /** Is it in a wall that abuts a neighbour? Then neither light nor air nor anybody comes through, whatever is drawn beyond. */
    public function isInPartyWall(): bool
    {
        return $this->wall->type === WallType::Party;
    }

    /** Does it join a room that it borders with the open air? Null when nobody said what lies beyond. */
    public function isOpenAirFrom(RoomSpace $room): ?bool
    {
        return $this->isInPartyWall() ? false : $this->across($room)->isOpenAir();
    }

    /** @return list<string> what keeps one from telling whether it leads outside */
    public function missingSides(): array
    {
        $unknown = array_filter([$this->left, $this->right], static fn(Beyond $side): bool => $side->isOpenAir() === null);

        return array_values(array_map(static fn(Beyond $side): string => $side->missing(), $unknown));
    }

    public function borders(RoomSpace $room): bool
    {
        return $this->left->isRoom($room) || $this->right->isRoom($room);
    }

    /** What lies across it, seen from a room that it borders. */
    public function across(RoomSpace $room): Beyond
    {
        return $this->left->isRoom($room) ? $this->right : $this->left;
    }

    private function look(WallSide $side): Beyond
    {
        $line = $this->wall->line();
        $away = $line->direction()->left()->times(($this->wall->thickness / 2 + self::LOOK) * ($side === WallSide::Left ? 1 : -1));
        $at = fn(float $share): ?Beyond => $this->plan->behind(
            $this->wall,
            $line->at($this->opening->at + $share * ($this->opening->width ?? 0.0))->plus($away),
        );
        [$middle, $first, $last] = [$at(0.0), $at(-self::NEARLY_HALF), $at(self::NEARLY_HALF)];
        if ($middle !== null && ($first === null || $middle->isSame($first)) && ($last === null || $middle->isSame($last))) {
            return $middle;
        }

        $places = array_map(static fn(int $place): ?Beyond => $at(($place - 0.5) / self::PLACES - 0.5), range(1, self::PLACES));

        return $this->mostOf(array_values(array_filter($places))) ?? Beyond::unnamed($this->middle()->plus($away));
    }

    /**
     * Where a wall ends behind the opening it belongs to the side that has more of it; to the larger room where both have as much.
     *
     * @param list<Beyond> $found
     */
    private function mostOf(array $found): ?Beyond
    {
        $best = null;
        while ($found !== []) {
            $one = $found[0];
            $order = [count(array_filter($found, $one->isSame(...))), $one->room?->outline()?->area() ?? 0.0];
            $best = $best === null || $order > $best[0] ? [$order, $one] : $best;
            $found = array_values(array_filter($found, static fn(Beyond $other): bool => !$other->isSame($one)));
        }

        return $best === null ? null : $best[1];
    }
}
