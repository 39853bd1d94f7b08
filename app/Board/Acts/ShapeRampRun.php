<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Replace;
use Heurema\Layout\Landing;
use Heurema\Layout\Layout;
use Heurema\Layout\Ramp;
use Heurema\Layout\RampRun;

/** A run of the chosen ramp: how long it is and how much it climbs; or how deep one of its landings is. */
final readonly class ShapeRampRun implements Act
{
    /** How much the left and the right edge lie above the other, as they are typed. */
    public const EDGES = ['left_edge', 'right_edge'];

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $ramp = (new Draft($layout))->get($asked->select(), Ramp::class);
        $number = $asked->integer('part');
        $part = $ramp->parts[$number] ?? throw new RefusedEdit(__('Choose a run of the ramp.'));
        $parts = $ramp->parts;
        $parts[$number] = $part instanceof RampRun
            ? new RampRun($asked->length('length', $layout), $asked->lengthIfTyped('rise', $layout), self::edges($asked, $layout))
            : new Landing($asked->length('length', $layout), $part->turn, $part->gap);

        return new Replace($ramp->withParts($parts));
    }

    /** @return array{float, float}|null null where nobody measured them */
    private static function edges(ActInput $asked, Layout $layout): ?array
    {
        [$left, $right] = array_map(static fn(string $edge): ?float => $asked->lengthIfTyped($edge, $layout), self::EDGES);

        return $left === null && $right === null ? null : [$left ?? 0.0, $right ?? 0.0];
    }
}
