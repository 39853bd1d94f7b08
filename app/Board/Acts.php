<?php

declare(strict_types=1);

namespace App\Board;

/** All that can be done on the board, by the name that its address has. */
final class Acts
{
    private const ALL = [
        'edit' => Acts\MakeEdit::class,
        'remove' => Acts\RemoveChosen::class,
        'move' => Acts\MoveChosen::class,
        'line-up' => Acts\LineUpChosen::class,
        'set-all' => Acts\SetValues::class,
        'hang' => Acts\HangDoor::class,
        'wall' => Acts\DrawWall::class,
        'rectangle' => Acts\DrawRectangle::class,
        'offset' => Acts\OffsetWall::class,
        'split' => Acts\SplitWall::class,
        'join' => Acts\JoinWalls::class,
        'length' => Acts\SetLength::class,
        'dimension' => Acts\SetDimension::class,
        'distance' => Acts\SetDistance::class,
        'openings' => Acts\PlaceOpenings::class,
        'move-opening' => Acts\MoveOpening::class,
        'thing' => Acts\PlaceThing::class,
        'move-thing' => Acts\MoveThing::class,
        'beside' => Acts\PlaceBeside::class,
        'between' => Acts\FitBetween::class,
        'convert' => Acts\ConvertOpening::class,
        'stand' => Acts\StandThing::class,
        'copy' => Acts\CopyThing::class,
        'repeat' => Acts\RepeatThing::class,
        'mirror' => Acts\MirrorThing::class,
        'turn' => Acts\TurnThing::class,
        'space' => Acts\NameRoom::class,
        'storey' => Acts\AddStorey::class,
        'note' => Acts\WriteNote::class,
        'void' => Acts\DrawVoid::class,
        'resize-void' => Acts\ResizeVoid::class,
        'stair' => Acts\PlaceStair::class,
        'flight' => Acts\ShapeStair::class,
        'taped' => Acts\KeepTaped::class,
        'axes' => Acts\LayAxes::class,
        'axis-walls' => Acts\BuildOnAxes::class,
        'axis-columns' => Acts\SetColumns::class,
        'remove-axes' => Acts\RemoveAxes::class,
        'blocks' => Acts\ListBlocks::class,
        'move-block' => Acts\MoveBlock::class,
        'push-block' => Acts\PushBlock::class,
        'swap-blocks' => Acts\SwapBlocks::class,
        'resize-block' => Acts\ResizeBlock::class,
        'give-way' => Acts\GiveWay::class,
        'block-walls' => Acts\WallBlocks::class,
        'home' => Acts\SetHome::class,
        'outside-level' => Acts\SetOutsideLevel::class,
        'handrails' => Acts\SetHandrails::class,
        'values' => Acts\TypeValues::class,
    ];

    public static function named(string $name): ?Act
    {
        $class = self::ALL[$name] ?? null;

        return $class === null ? null : new $class();
    }
}
