<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Ifc\Shape\Solid;
use Heurema\Ifc\Shape\Vector;
use Heurema\Ifc\Step\Instance;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** What is cut out of walls, and the doors and windows in it. Lengths in mm. */
final readonly class OpeningMapper
{
    /** What leaves more of the wall behind it is a niche. */
    private const NICHE = 30.0;

    /** A hole that begins no higher above the floor is walked through. */
    private const STEP = 100.0;

    /** Of a hole that fills less of its box the box is no outline. */
    private const FILLS = 0.98;

    private const GLAZING = 'Pset_DoorWindowGlazingType';

    public function __construct(private Model $model) {}

    /** @param non-empty-list<DrawnWall> $walls the pieces of the wall */
    public function map(Instance $opening, array $walls, StoreyDraft $storey): void
    {
        $filler = $this->model->relations->fillerOf($opening);
        $told = $filler ?? $opening;
        $kept = $this->model->kept->element($told, $opening);
        if ($kept !== null) {
            $storey->add('openings', $told, $kept);
            $this->model->report->take($told);

            return;
        }
        $corners = array_merge(...array_map(static fn(Solid $solid): array => $solid->corners(), $this->model->bodies->of($opening)));
        if ($corners === []) {
            $this->model->report->leaveOut($told, Message::of('ifc.no_body'));

            return;
        }
        $wall = self::nearest($walls, $corners);
        [$along, $across, $heights] = self::extent($corners, $wall, $storey);
        if (max($across) - min($across) < $wall->thickness - self::NICHE && $filler === null) {
            $this->model->report->leaveOut($told, Message::of('ifc.opening.niche'));

            return;
        }
        [$width, $height, $sill] = [max($along) - min($along), max($heights) - min($heights), min($heights)];
        $kind = match (true) {
            $filler?->is('IFCDOOR', 'IFCDOORSTANDARDCASE') === true => 'door',
            $filler?->is('IFCWINDOW', 'IFCWINDOWSTANDARDCASE') === true => 'window',
            default => $sill <= self::STEP ? 'gap' : null,
        };
        if ($kind === null) {
            $this->model->report->leaveOut($told, Message::of('ifc.opening.hole', sill: Amount::length($sill)));

            return;
        }
        $at = (max($along) + min($along)) / 2;
        if ($at <= 0.0 || $at >= $wall->line->length()) {
            $this->model->report->leaveOut($told, Message::of('ifc.opening.beside_wall'));

            return;
        }
        $storey->add('openings', $told, [
            'id' => $this->model->id($told),
            'kind' => $kind,
            'wall' => $wall->id,
            'at' => round($at, 4),
            'width' => round($width, 4),
            'height' => round($height, 4),
            ...($kind === 'window' ? ['sill' => round(max(0.0, $sill), 4)] : []),
            ...match ($kind) {
                'door' => $this->door($told, $wall),
                'window' => $this->window($told, $this->outlineShare($opening, $wall), $width, $height),
                'gap' => [],
            },
        ]);
        $this->model->report->take($told);
    }

    /**
     * @param non-empty-list<DrawnWall> $walls
     * @param non-empty-list<Vector>    $corners
     */
    private static function nearest(array $walls, array $corners): DrawnWall
    {
        $onPlan = array_map(static fn(Vector $corner): Point => new Point($corner->x, $corner->y), $corners);
        $middle = Box::around($onPlan)->middle();
        usort($walls, static fn(DrawnWall $a, DrawnWall $b): int => $a->line->distanceTo($middle) <=> $b->line->distanceTo($middle));

        return $walls[0];
    }

    /**
     * @param non-empty-list<Vector> $corners
     *
     * @return array{non-empty-list<float>, non-empty-list<float>, non-empty-list<float>} along the wall, across it, above the floor
     */
    private static function extent(array $corners, DrawnWall $wall, StoreyDraft $storey): array
    {
        $half = $wall->thickness / 2;
        $along = $across = $heights = [];
        foreach ($corners as $corner) {
            $point = new Point($corner->x, $corner->y);
            $along[] = $wall->line->along($point);
            $across[] = max(-$half, min($half, $wall->line->leftOf($point)));
            $heights[] = $corner->z - $storey->elevation;
        }

        return [$along, $across, $heights];
    }

    /** How much of the box around a hole the hole itself is, as the wall is seen from the front. */
    private function outlineShare(Instance $opening, DrawnWall $wall): float
    {
        foreach ($this->model->bodies->of($opening) as $solid) {
            $faces = array_map(static fn(array $face): Ring => new Ring(array_map(
                static fn(Vector $corner): Point => new Point($wall->line->along(new Point($corner->x, $corner->y)), $corner->z),
                $face,
            )), $solid->faces);
            $box = (new Ring(array_merge(...array_map(static fn(Ring $face): array => $face->points, $faces))))->bounds();
            $largest = max([0.0, ...array_map(static fn(Ring $face): float => $face->area(), $faces)]);
            $whole = $box->width() * $box->height();

            return $whole <= 0.0 || $largest <= 0.0 ? 1.0 : min(1.0, $largest / $whole);
        }

        return 1.0;
    }

    /** @return array<string, mixed> */
    private function door(Instance $door, DrawnWall $wall): array
    {
        $relations = $this->model->relations;
        $word = $door->word('OperationType') ?? $relations->typeOf($door)?->word('OperationType');
        $operation = Panels::door($word);
        if ($operation === null && $word !== null) {
            $this->model->report->simplify($door, Message::of('ifc.opening.operation_not_read', word: $word));
        }
        $isHung = $operation === DoorOperation::Hinged || $operation === DoorOperation::DoubleHinged;
        $lining = $relations->describing($door, 'IFCDOORLININGPROPERTIES')[0] ?? null;
        $panel = $relations->describing($door, 'IFCDOORPANELPROPERTIES')[0] ?? null;
        $glazing = $relations->property($door, 'Pset_DoorCommon', 'GlazingAreaFraction');

        return array_filter([
            'operation' => $operation?->value,
            ...($isHung ? $this->swing($door, $wall, $word) : []),
            'frame' => $this->model->length($lining, 'LiningThickness'),
            'threshold' => $this->model->length($lining, 'ThresholdThickness'),
            'leaf_thickness' => $this->model->length($panel, 'PanelDepth'),
            'self_closing' => PropertyWords::yesNo($relations->property($door, 'Pset_DoorCommon', 'SelfClosing')),
            'fire_minutes' => PropertyWords::minutes($relations->property($door, 'Pset_DoorCommon', 'FireRating')),
            'glazed' => is_float($glazing) ? $glazing > 0.0 : null,
            'safety_glass' => $this->safetyGlass($door),
        ], static fn(mixed $value): bool => $value !== null);
    }

    /**
     * A door opens to where its own y axis leads, and a left one has its hinge to the left of who looks that way.
     *
     * @return array<string, string>
     */
    private function swing(Instance $door, DrawnWall $wall, ?string $word): array
    {
        $frame = $this->model->bodies->placement->of($door->one('ObjectPlacement'));
        $way = $wall->line->direction();
        $opens = self::flat($frame->y)->dot($way->left());
        $isLeft = Panels::isHingedLeft($word);
        if (abs($opens) < 0.5) {
            return [];
        }
        $isFrom = self::flat($frame->x)->dot($way) > 0 === ($isLeft ?? true);

        return [
            'opens' => $opens > 0 ? 'left' : 'right',
            ...($isLeft === null ? [] : ['hinge' => $isFrom ? 'from' : 'to']),
        ];
    }

    private static function flat(Vector $axis): Point
    {
        return new Point($axis->x, $axis->y);
    }

    /**
     * @param float $share of its box that the hole fills
     *
     * @return array<string, mixed>
     */
    private function window(Instance $window, float $share, float $width, float $height): array
    {
        $relations = $this->model->relations;
        $lining = $relations->describing($window, 'IFCWINDOWLININGPROPERTIES')[0] ?? null;
        $panels = $relations->describing($window, 'IFCWINDOWPANELPROPERTIES');
        $operations = [];
        foreach ($panels as $panel) {
            $operation = Panels::window($panel->word('OperationType'));
            $operations = [...$operations, ...$operation === null ? [] : [$operation->value]];
        }
        $operations = array_values(array_unique($operations));
        if (count($operations) > 1) {
            $this->model->report->simplify($window, Message::of('ifc.opening.several_panels', words: implode(', ', $operations)));
            $operations = array_values(array_diff($operations, ['fixed']));
        }
        $bars = array_filter([
            $this->model->length($lining, 'LiningThickness'),
            $this->model->length($panels[0] ?? null, 'FrameThickness'),
        ], static fn(?float $bar): bool => $bar !== null);
        $frame = $bars === [] ? null : array_sum($bars);
        $glass = null;
        if ($share < self::FILLS) {
            $this->model->report->simplify($window, Message::of('ifc.opening.not_square', share: Amount::ratio($share)));
            $glass = $frame === null
                ? null
                : round($share * max(0.0, $width - 2 * $frame) * max(0.0, $height - 2 * $frame) / 1_000_000, 4);
        }

        return array_filter([
            'operation' => $operations[0] ?? null,
            'frame' => $frame,
            'glass_area' => $glass,
            'safety_glass' => $this->safetyGlass($window),
        ], static fn(mixed $value): bool => $value !== null);
    }

    private function safetyGlass(Instance $element): ?bool
    {
        $told = array_map(
            fn(string $name): ?bool => PropertyWords::yesNo($this->model->relations->property($element, self::GLAZING, $name)),
            ['IsTempered', 'IsLaminated'],
        );

        return in_array(true, $told, true) ? true : (in_array(false, $told, true) ? false : null);
    }
}
