<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Language\Text;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Opening;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;

/**
 * The stretches of a wall between its corners: inside the walls that meet it, as one would tape them, and between the
 * openings already in it.
 */
final readonly class WallStretches
{
    /** How near to a wall's line, in mm, another wall ends to meet it. */
    private const MEETS = 10.0;

    public function __construct(private Storey $storey, private Wall $wall) {}

    /** From corner to corner, whatever opens in between. */
    public function whole(): Stretch
    {
        $length = $this->wall->line()->length();
        [$from, $to] = [0.0, $length];
        foreach ($this->meeting() as [$along, $half]) {
            // a wall that meets the end is a corner, one farther in parts the wall
            if ($along < 2 * $half + self::MEETS) {
                $from = max($from, $along + $half);
            } elseif ($along > $length - 2 * $half - self::MEETS) {
                $to = min($to, $along - $half);
            }
        }

        return $to > $from
            ? new Stretch($from, $to, Text::of('the start'), Text::of('the end'))
            : new Stretch(0.0, $length, Text::of('the start'), Text::of('the end'));
    }

    /**
     * @param string|null $without id of an opening that is being moved and bounds nothing
     *
     * @return list<Stretch> the free ones, in order from the wall's start
     */
    public function free(?string $without = null): array
    {
        $whole = $this->whole();
        $stretches = [];
        [$from, $name] = [$whole->from, $whole->startsAt];
        foreach ($this->bounds($whole, $without) as [$start, $end, $bound]) {
            if ($start - $from > 1.0) {
                $stretches[] = new Stretch($from, $start, $name, $bound);
            }
            if ($end > $from) {
                [$from, $name] = [$end, $bound];
            }
        }

        return $whole->to - $from > 1.0 ? [...$stretches, new Stretch($from, $whole->to, $name, $whole->endsAt)] : $stretches;
    }

    /**
     * The stretch that was chosen: `whole`, the number of a free one, or the longest free one where nothing was said.
     *
     * @throws RefusedEdit when there is none
     */
    public function named(string $name, ?string $without = null): Stretch
    {
        if ($name === 'whole') {
            return $this->whole();
        }
        $free = $this->free($without);
        if ($name !== '') {
            return $free[(int) $name] ?? throw new RefusedEdit(Text::of('The wall has changed; choose the stretch anew.'));
        }
        usort($free, static fn(Stretch $a, Stretch $b): int => $b->length() <=> $a->length());

        return $free[0] ?? throw new RefusedEdit(Text::of('The wall is full.'));
    }

    /**
     * What takes part of the wall's length, in order.
     *
     * @return list<array{float, float, string}> from, to and a name
     */
    private function bounds(Stretch $whole, ?string $without): array
    {
        $bounds = [];
        foreach ($this->meeting() as [$along, $half, $id]) {
            if ($along - $half > $whole->from + 1.0 && $along + $half < $whole->to - 1.0) {
                $bounds[] = [$along - $half, $along + $half, Text::of('wall {id}', id: $id)];
            }
        }
        foreach ($this->storey->openings as $opening) {
            if ($opening->wall === $this->wall->id && $opening->id !== $without && $opening->stands()) {
                $half = ($opening->width ?? 0.0) / 2;
                $bounds[] = [$opening->at - $half, $opening->at + $half, self::name($opening)];
            }
        }
        usort($bounds, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return $bounds;
    }

    /** @return list<array{float, float, string}> of every wall that meets this one: how far along, half of what it takes of it, its id */
    private function meeting(): array
    {
        $line = $this->wall->line();
        $reach = $this->wall->thickness / 2 + self::MEETS;
        $meeting = [];
        foreach ($this->storey->walls as $other) {
            $crossing = $other === $this->wall || !$other->stands() ? null : $line->lineCrossing($other->line());
            if ($crossing === null || $line->distanceTo($crossing) > $reach) {
                continue;
            }
            $touches = min(
                $crossing->distanceTo($other->from),
                $crossing->distanceTo($other->to),
                $other->line()->distanceTo($crossing),
            ) <= $reach;
            $slant = abs($line->direction()->cross($other->line()->direction()));
            if ($touches && $slant > 0.1) {
                $meeting[] = [$line->along($crossing), $other->thickness / 2 / $slant, $other->id];
            }
        }

        return $meeting;
    }

    private static function name(Opening $opening): string
    {
        return "{$opening->kind->value} {$opening->id}";
    }
}
