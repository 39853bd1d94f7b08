<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\LengthField;
use App\Board\NewElements;
use App\Board\RefusedValue;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Remove;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Opening;
use Heurema\Layout\Room;
use Heurema\Layout\TapedDistance;
use Heurema\Layout\Words\TapedHeight;
use Heurema\Spatial\Home;

/** Heights taped on site, of the chosen room or opening; one that was kept before is taken over. */
final readonly class KeepTapedHeight implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $element = (new Draft($layout))->find($asked->select())->element;
        $edits = [];
        foreach (self::heights($element) as $height) {
            $typed = trim($asked->fields()[$height->value] ?? '');
            $before = self::kept($layout, $asked->select(), $height);
            if ($before !== null) {
                $edits[] = new Remove([$before->id]);
            }
            if ($typed !== '') {
                $edits[] = new Add(null, self::taped($asked, $layout, $height, $typed));
            }
        }

        return $edits === [] ? throw new RefusedEdit(__('Type what was taped.')) : new EditGroup($edits, __('Taped heights kept'));
    }

    /** @return list<TapedHeight> that an element has */
    public static function heights(object $element): array
    {
        return match (true) {
            $element instanceof Room => [TapedHeight::Ceiling],
            $element instanceof Opening => [TapedHeight::Sill, TapedHeight::Head],
            default => throw new RefusedEdit(__('Choose a room, a door or a window.')),
        };
    }

    public static function kept(Layout $layout, string $of, TapedHeight $height): ?TapedDistance
    {
        foreach ($layout->survey as $taped) {
            if ($taped->of === $of && $taped->height === $height) {
                return $taped;
            }
        }

        return null;
    }

    private static function taped(ActInput $asked, Layout $layout, TapedHeight $height, string $typed): TapedDistance
    {
        $measured = LengthField::read($typed, $layout, $height->value);
        if ($measured <= 0.0) {
            throw new RefusedValue($height->value, __('Type a height above zero.'));
        }
        $at = self::place(new Home($layout), $asked->select());
        $number = array_search($height, TapedHeight::cases(), true);

        return new TapedDistance(
            (new NewElements($layout))->nextIds(ElementList::Survey, count(TapedHeight::cases()))[(int) $number],
            $asked->drawnOn($layout)->id,
            $at,
            $at,
            $measured,
            of: $asked->select(),
            height: $height,
            by: $asked->person(),
            on: now()->toDateString(),
        );
    }

    private static function place(Home $home, string $id): Point
    {
        $at = $home->room($id)?->room->at
            ?? $home->opening($id)?->middle()
            ?? throw new RefusedEdit(__('Choose a room, a door or a window.'));

        return new Point(round($at->x, 4), round($at->y, 4));
    }
}
