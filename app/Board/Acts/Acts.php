<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;

/** All that can be done on the board, by the name that its address has. */
final class Acts
{
    private const ALL = [
        'edit' => MakeEdit::class,
        'remove' => RemoveChosen::class,
        'move' => MoveChosen::class,
        'line-up' => LineUpChosen::class,
        'set-all' => SetValues::class,
        'hang' => HangDoor::class,
        'wall' => DrawWall::class,
        'rectangle' => DrawRectangle::class,
        'parallel' => DrawParallelWall::class,
        'split' => SplitWall::class,
        'join' => JoinWalls::class,
        'length' => SetLength::class,
        'dimension' => SetDimension::class,
        'place-dimension' => PlaceDimension::class,
        'setting-out' => SetOut::class,
        'distance' => SetDistance::class,
        'openings' => PlaceOpenings::class,
        'move-opening' => MoveOpening::class,
        'fixture' => PlaceFixture::class,
        'move-fixture' => MoveFixture::class,
        'beside' => PlaceBeside::class,
        'between' => FitBetween::class,
        'convert' => ConvertOpening::class,
        'stand' => SetCentreLine::class,
        'copy' => CopyFixture::class,
        'repeat' => RepeatFixture::class,
        'front' => MoveAtWall::class,
        'unit-width' => ChangeUnitWidth::class,
        'swap-units' => SwapUnits::class,
        'mirror' => MirrorFixture::class,
        'turn' => TurnFixture::class,
        'space' => NameRoom::class,
        'storey' => AddStorey::class,
        'note' => WriteNote::class,
        'guard' => DrawGuard::class,
        'guard-edges' => GuardEdges::class,
        'soffit' => DrawSoffit::class,
        'terrace' => DrawTerrace::class,
        'roof-window' => PlaceRoofWindow::class,
        'slope' => SlopeCeiling::class,
        'fixture-outline' => DrawFixtureOutline::class,
        'shape-fixture' => ShapeFixture::class,
        'entrance-steps' => BuildEntranceSteps::class,
        'entrance-ramp' => BuildEntranceRamp::class,
        'ramp-run' => ShapeRampRun::class,
        'fit-stair' => FitStair::class,
        'stair-form' => FormStair::class,
        'void' => DrawFloorOpening::class,
        'resize-void' => ResizeFloorOpening::class,
        'stair' => PlaceStair::class,
        'flight' => ShapeStair::class,
        'taped' => KeepTapedDistance::class,
        'taped-heights' => KeepTapedHeight::class,
        'take-taped' => TakeTaped::class,
        'axes' => LayAxes::class,
        'axis-walls' => BuildOnAxes::class,
        'axis-columns' => SetColumns::class,
        'remove-axes' => RemoveAxes::class,
        'number-anew' => NumberMarksAnew::class,
        'section' => DrawSectionLine::class,
        'blocks' => ListBlocks::class,
        'move-block' => MoveBlock::class,
        'push-block' => PushBlock::class,
        'swap-blocks' => SwapBlocks::class,
        'resize-block' => ResizeBlock::class,
        'give-way' => GiveWay::class,
        'block-walls' => WallBlocks::class,
        'backing' => SetBacking::class,
        'home' => SetHome::class,
        'ground-level' => SetGroundLevel::class,
        'outside-level' => SetOutsideLevel::class,
        'storey-level' => SetStoreyLevel::class,
        'handrails' => SetHandrails::class,
        'values' => TypeValues::class,
    ];

    public static function named(string $name): ?Act
    {
        $class = self::ALL[$name] ?? null;

        return $class === null ? null : new $class();
    }
}
