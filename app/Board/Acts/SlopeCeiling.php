<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\LengthField;
use App\Board\RefusedValue;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Layout\OtherSlope;
use Heurema\Layout\SlopedCeiling;
use Heurema\Spatial\Home;

/**
 * The ceiling of the chosen room, sloped from its eaves to its ridge: between two places that were pointed at, or across the whole room in
 * a direction. Without heights it is the storey's again.
 */
final readonly class SlopeCeiling implements Act
{
    public const LOW = 'low';
    public const HIGH = 'high';
    public const TOWARDS = 'towards';

    /** It falls again beyond the ridge, which is then in the middle of the room, or as far from the other eaves as from these. */
    public const GABLE = 'gable';

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $room = (new Home($layout))->room($asked->select()) ?? throw new RefusedEdit(__('Choose a room.'));
        $typed = array_map(trim(...), $asked->fields());
        if (($typed[self::LOW] ?? '') === '' && ($typed[self::HIGH] ?? '') === '') {
            return new ChangeValues($room->id(), ['ceiling' => null]);
        }
        [$low, $high] = array_map(
            static fn(string $key): float => LengthField::read($typed[$key] ?? '', $layout, $key),
            [self::LOW, self::HIGH],
        );
        if ($high < $low) {
            throw new RefusedValue(self::HIGH, __('The ridge is not lower than the eaves.'));
        }
        $outline = $room->outline() ?? throw new RefusedEdit(__('Close the walls around the room first.'));
        $line = $asked->places('line');
        [$from, $to] = count($line) === 2 ? $line : self::across($outline, (float) ($typed[self::TOWARDS] ?? 90));
        if ($from->distanceTo($to) < 1.0) {
            throw new RefusedEdit(__('Point at the eaves and then at the ridge.'));
        }

        $isGable = ($typed[self::GABLE] ?? '') === 'yes';
        $ridge = $isGable && count($line) !== 2 ? $from->towardsPoint($to, 0.5) : $to;
        $other = $isGable ? new OtherSlope($low, $ridge->plus($ridge->minus($from))) : null;

        return new ChangeValues($room->id(), ['ceiling' => (new SlopedCeiling($low, $high, $from, $ridge, $other))->toArray()]);
    }

    /**
     * From the side where it is lowest to that where it is highest.
     *
     * @param float $towards degrees, the way it rises
     *
     * @return array{Point, Point}
     */
    private static function across(Polygon $outline, float $towards): array
    {
        $way = Point::towards($towards);
        $middle = $outline->outer->middle();
        $along = array_map(static fn(Point $corner): float => $corner->minus($middle)->dot($way), $outline->outer->points);
        $round = static fn(Point $point): Point => new Point(round($point->x, 4), round($point->y, 4));

        return [$round($middle->plus($way->times(min($along)))), $round($middle->plus($way->times(max($along))))];
    }
}
