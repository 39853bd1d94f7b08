<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Ifc\Shape\Solid;
use Heurema\Ifc\Step\Instance;
use Heurema\Words\Message;

/** Railings as guards along a line, as high as they reach. */
final readonly class RailingMapper
{
    /** Of a railing that rises by more along its way, mm, the line is no guard of one height. */
    private const LEVEL = 300.0;

    /** What leads so nearly along an axis, by the cosine of the angle, leads along it: corners lie on both sides of a rail. */
    private const STRAIGHT = 0.99;

    public function __construct(private Model $model) {}

    public function map(Instance $railing, StoreyDraft $storey): void
    {
        $solids = $this->model->bodies->of($railing);
        if ($solids === []) {
            $this->model->report->leaveOut($railing, Message::of('ifc.no_body'));

            return;
        }
        $tops = array_map(static fn(Solid $solid): float => $solid->top(), $solids);
        $rail = self::longest($solids);
        if ($rail === null || $rail[1]->top() - $rail[1]->bottom() > self::LEVEL) {
            $this->model->report->leaveOut($railing, Message::of('ifc.railing.no_line'));

            return;
        }
        $storey->add('guards', $railing, [
            'id' => $this->model->id($railing),
            'line' => [DrawnWall::place($rail[0]->from), DrawnWall::place($rail[0]->to)],
            'height' => round(max($tops) - $storey->elevation, 4),
        ]);
        $this->model->report->simplify($railing, Message::of('ifc.railing.line'));
    }

    /**
     * The middle line of its longest part on plan.
     *
     * @param non-empty-list<Solid> $solids
     *
     * @return array{Segment, Solid}|null
     */
    private static function longest(array $solids): ?array
    {
        $best = null;
        foreach ($solids as $solid) {
            $line = self::line($solid->plan());
            if ($line !== null && ($best === null || $line->length() > $best[0]->length())) {
                $best = [$line, $solid];
            }
        }

        return $best;
    }

    /** @param list<Point> $corners */
    private static function line(array $corners): ?Segment
    {
        if (count($corners) < 2) {
            return null;
        }
        // the longest distance from one of the corners that is farthest from the first leads along it
        usort($corners, static fn(Point $a, Point $b): int => $a->x + $a->y <=> $b->x + $b->y);
        $first = $corners[0];
        $far = $first;
        foreach ($corners as $corner) {
            $far = $corner->distanceTo($first) > $far->distanceTo($first) ? $corner : $far;
        }
        if ($far->distanceTo($first) < 100.0) {
            return null;
        }
        $rough = new Segment($first, $far);
        $way = match (true) {
            abs($rough->direction()->x) > self::STRAIGHT => new Point(1, 0),
            abs($rough->direction()->y) > self::STRAIGHT => new Point(0, 1),
            default => $rough->direction(),
        };
        $along = array_map(static fn(Point $corner): float => $way->dot($corner->minus($first)), $corners);
        $across = array_map(static fn(Point $corner): float => $way->left()->dot($corner->minus($first)), $corners);
        $middle = $first->plus($way->left()->times((min($across) + max($across)) / 2));

        return new Segment($middle->plus($way->times(min($along))), $middle->plus($way->times(max($along))));
    }
}
