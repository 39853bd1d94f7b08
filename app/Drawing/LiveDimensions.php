<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Chain;
use Heurema\Drafting\Dimension;
use Heurema\Drafting\Stop;
use Heurema\Drafting\Stretch;
use Heurema\Drafting\Surroundings;
use Heurema\Drafting\WallDistance;
use Heurema\Drafting\WallDistances;
use Heurema\Drafting\WallOffsets;
use Heurema\Drafting\WallStretches;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Wall;
use Heurema\Measure\Door\BlockedBy;
use Heurema\Measure\Fixture\InWall;
use Heurema\Measure\Fixture\Overlaps;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Stair\PlacedStair;

/** The dimensions that one element is placed by, and what is wrong with its place, drawn beside it. */
final readonly class LiveDimensions
{
    /** How deep a zone is shown in front of a fixture, mm. */
    private const ZONE = 1000.0;

    /** Walls farther away, mm, nobody asks for. */
    private const FAR = 4000.0;

    /** In pixels. */
    private const ASIDE = 11.0;

    /** @param float $scale mm under a pixel */
    public function __construct(private Home $home, private string $storey, private float $scale) {}

    public function of(string $id): string
    {
        foreach ([...$this->home->fixtures, ...$this->home->openings, ...$this->home->stairs] as $subject) {
            if ($subject->id() === $id && $subject->storey() === $this->storey) {
                return match (true) {
                    $subject instanceof PlacedFixture => $this->ofFixture($subject),
                    $subject instanceof PlacedOpening => $this->ofOpening($subject),
                    $subject instanceof PlacedStair => $this->ofStair($subject),
                };
            }
        }
        $storey = $this->home->layout->storey($this->storey);
        foreach ([...$storey->voids ?? [], ...$storey->terraces ?? []] as $outlined) {
            if ($outlined->id === $id) {
                return $this->around($outlined->outline, $id);
            }
        }
        $wall = ($this->home->plans[$this->storey] ?? null)?->wall($id);

        return $wall === null ? '' : $this->ofWall($wall);
    }

    private function ofFixture(PlacedFixture $fixture): string
    {
        $standing = new WallOffsets($fixture);
        $zone = $standing->zone(self::ZONE);
        $sides = array_map(fn(Segment $side): Segment => $this->beside($side, $fixture->frame->yAxis), $standing->sides());
        // both sides are one chain, from wall to wall, so that their texts keep clear of each other
        $chain = array_map(static fn(Segment $side): Dimension => new Dimension($side, $fixture->id()), $sides);
        $chain = count($chain) === 2 ? [new Dimension($sides[0]->reversed(), null, $fixture->id()), $chain[1]] : $chain;

        return ($zone === null ? '' : Svg::element('path', ['class' => 'front-zone', 'd' => Svg::path($zone)]))
            .$this->chain($chain).$this->gaps($fixture)
            .$this->warning($fixture->frame->toPlan(new Point(0, ($fixture->fixture->depth ?? 0.0) / 2)), $this->troubles($fixture));
    }

    /** To the nearest fixtures and faces on all four sides; what touches is not written. */
    private function gaps(PlacedFixture $fixture): string
    {
        $gaps = '';
        foreach ((new Surroundings($fixture, $this->home))->gaps as $side => $gap) {
            if ($gap->length() > 1.0) {
                $isAcross = in_array($side, [Surroundings::LEFT, Surroundings::RIGHT], true);
                $gaps .= $this->chain([new Dimension(
                    $isAcross ? $this->beside($gap, $fixture->frame->yAxis->times(-1)) : $gap,
                    $fixture->id(),
                )]);
            }
        }

        return $gaps;
    }

    /** Half a line of text aside, so that distances from the middle and from the edges keep clear of each other. */
    private function beside(Segment $segment, Point $way): Segment
    {
        $aside = $way->times(self::ASIDE * $this->scale);

        return new Segment($segment->from->plus($aside), $segment->to->plus($aside));
    }

    /** @return list<string> */
    private function troubles(PlacedFixture $fixture): array
    {
        $inWall = (new InWall())->of($fixture, $this->home, new Parameters());
        $overlaps = (new Overlaps())->of($fixture, $this->home, new Parameters());

        return [
            ...($fixture->room === null ? [__('in no room')] : []),
            ...($inWall instanceof Measured && $inWall->amount()->number > 1.0 ? [__('in a wall')] : []),
            ...($overlaps instanceof Measured && $overlaps->amount()->number > 0 ? [__('where something else stands')] : []),
        ];
    }

    /** From its edges to the corner or the next fixture on either side, along the wall's face. */
    private function ofOpening(PlacedOpening $opening): string
    {
        $half = ($opening->opening->width ?? 0.0) / 2;
        $line = $opening->wall->line()->offset($opening->wall->thickness / 2 + 200.0);
        foreach ((new WallStretches($opening->plan->storey, $opening->wall))->free($opening->id()) as $stretch) {
            if ($stretch->from <= $opening->opening->at && $opening->opening->at <= $stretch->to) {
                return $this->along($line, $stretch, $opening, $half).$this->warning($opening->middle(), $this->swings($opening));
            }
        }

        return $this->warning($opening->middle(), [__('where something else is')]);
    }

    /** @return list<string> */
    private function swings(PlacedOpening $door): array
    {
        $blocked = $door->opening->door === null ? null : (new BlockedBy())->of($door, $this->home, new Parameters());

        return $blocked instanceof Measured && $blocked->amount()->number > 0 ? [__('its leaf meets something')] : [];
    }

    private function along(Segment $line, Stretch $stretch, PlacedOpening $opening, float $half): string
    {
        $at = $opening->opening->at;

        return $this->chain(
            (new Chain(
                $line,
                [
                    new Stop($stretch->from),
                    new Stop($at - $half, $opening->id()),
                    new Stop($at + $half, $opening->id()),
                    new Stop($stretch->to),
                ],
            ))->parts(),
        );
    }

    /** @param list<Dimension> $parts in order along a line */
    private function chain(array $parts): string
    {
        return (new ChainDrawing($this->scale, $this->home->length(...)))->draw($parts);
    }

    private function ofWall(Wall $wall): string
    {
        $distances = array_map(
            static fn(WallDistance $distance): Dimension => new Dimension($distance->faces, $distance->wall->id, $distance->other->id),
            WallDistances::of($this->home->plans[$this->storey], $wall),
        );

        return implode('', array_map(fn(Dimension $distance): string => $this->chain([$distance]), $distances));
    }

    /** From the sides of its first step, and before it. */
    private function aroundStair(PlacedStair $stair): string
    {
        $treads = $stair->shape->treads();
        $isHere = $stair->from?->id === $this->storey;

        return $treads === [] || !$isHere ? '' : $this->around($treads[0], $stair->id());
    }

    /** From each side of an outline to the wall that it looks at. */
    private function around(Ring $outline, string $id): string
    {
        $dimensions = '';
        foreach ($outline->counterClockwise()->edges() as $edge) {
            $out = $edge->direction()->left()->times(-1);
            $start = $edge->middle();
            $met = $this->home->plans[$this->storey]->mass->obstructions()->ray($start, $out);
            if ($met !== null && $met->distance > 1.0 && $met->distance <= self::FAR) {
                $dimensions .= $this->chain([new Dimension(new Segment($start, $start->plus($out->times($met->distance))), $id)]);
            }
        }

        return $dimensions;
    }

    private function ofStair(PlacedStair $stair): string
    {
        $rise = $stair->totalRise();
        $risers = $stair->stair->risers();

        return $rise === null || $risers === 0
            ? ''
            : Svg::pinned(
                $stair->stair->start,
                'live-note',
                Svg::element('text', ['y' => 32], Svg::text(__(':risers risers of :rise', [
                    'risers' => $risers,
                    'rise' => $this->home->length($rise / $risers),
                ]))),
            )
            .$this->aroundStair($stair);
    }

    /** @param list<string> $troubles */
    private function warning(Point $at, array $troubles): string
    {
        return $troubles === []
            ? ''
            : Svg::pinned($at, 'live-warning', Svg::element('text', ['y' => -10], Svg::text(Text::capital(implode(', ', $troubles)))));
    }
}
