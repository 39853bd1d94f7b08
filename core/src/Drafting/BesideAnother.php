<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;

/**
 * A fixture or an opening brought to a distance from something beside it, in mm: a fixture along its width or the way it faces, an opening
 * along its wall; on the side on which it stands already.
 */
final readonly class BesideAnother implements Edit
{
    /** @param bool $isAhead of a fixture: along the way it faces, not along its width */
    public function __construct(
        private string $id,
        private MeasuredFrom $mine,
        private string $other,
        private MeasuredFrom $theirs,
        private float $distance,
        private bool $isAhead = false,
    ) {}

    public function on(Draft $draft): void
    {
        $home = new Home($draft->layout());
        $placed = $this->placed($home);
        $along = match (true) {
            $placed instanceof PlacedOpening => $placed->wall->line()->direction(),
            $this->isAhead => $placed->frame->yAxis,
            default => $placed->frame->xAxis,
        };
        $mine = self::extent(self::points($placed), $along);
        $theirs = self::extent($this->otherPoints($home), $along);
        $isBehind = $mine[0] + $mine[1] >= $theirs[0] + $theirs[1];
        $side = $isBehind ? 1 : -1;
        $shift = $this->theirs->of($theirs, !$isBehind) + $side * $this->distance - $this->mine->of($mine, $isBehind);
        (new Move([$this->id], $along->times($shift)))->on($draft);
    }

    public function words(): string
    {
        return Text::of('{it} placed by {other}', it: $this->id, other: $this->other);
    }

    private function placed(Home $home): PlacedFixture|PlacedOpening
    {
        foreach ([...$home->fixtures, ...$home->openings] as $placed) {
            if ($placed->id() === $this->id) {
                return $placed;
            }
        }

        throw new RefusedEdit(Text::of('Choose a fixture or an opening.'));
    }

    /** @return non-empty-list<Point> */
    private function otherPoints(Home $home): array
    {
        foreach ([...$home->fixtures, ...$home->openings] as $placed) {
            if ($placed->id() === $this->other) {
                return self::points($placed);
            }
        }
        foreach ($home->rooms as $room) {
            if ($room->id() === $this->other && $room->outline() !== null) {
                return $room->outline()->outer->points;
            }
        }
        foreach ($home->plans as $plan) {
            $wall = $plan->wall($this->other);
            if ($wall !== null) {
                return self::body($wall->line(), $wall->thickness)->points;
            }
        }

        throw new RefusedEdit(Text::of('What it was to be placed by is not there any more.'));
    }

    /** @return non-empty-list<Point> */
    private static function points(PlacedFixture|PlacedOpening $placed): array
    {
        return $placed instanceof PlacedOpening
            ? [$placed->span()->from, $placed->span()->to]
            : ($placed->outline->points ?? throw new RefusedEdit(Text::of(
                'The size of {spoken} is not drawn.',
                spoken: $placed->spoken(),
            )));
    }

    private static function body(Segment $line, float $thickness): Ring
    {
        $across = $line->direction()->left()->times($thickness);

        return Ring::rectangle($line->from->minus($across->times(0.5)), $line->vector(), $across);
    }

    /**
     * @param non-empty-list<Point> $points
     *
     * @return array{float, float} low and high along a direction
     */
    private static function extent(array $points, Point $along): array
    {
        $places = array_map(static fn(Point $point): float => $point->dot($along), $points);

        return [min($places), max($places)];
    }
}
