<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\SignedLength;
use Heurema\Layout\Edit\ChangeDocument;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\GroundLevel;
use Heurema\Layout\Layout;

/**
 * How far the ground lies below the floor in sight at a place that was pointed at; one that is near it is taken over, and taken away where
 * nothing is typed.
 */
final readonly class SetGroundLevel implements Act
{
    public const FIELD = 'below';

    /** A level so near, mm, is the one that is meant. */
    private const NEAR = 300.0;

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $at = $asked->point('at');
        $typed = $asked->string(self::FIELD)->trim()->value();
        $others = array_values(array_filter(
            $layout->ground,
            static fn(GroundLevel $one): bool => $one->at->distanceTo($at) > self::NEAR,
        ));
        if ($typed === '' && count($others) === count($layout->ground)) {
            throw new RefusedEdit(__('Type how far the ground lies below the floor there.'));
        }
        $floor = $asked->drawnOn($layout)->elevation ?? 0.0;
        $levels = $typed === ''
            ? $others
            : [...$others, new GroundLevel($at, round($floor - SignedLength::read($typed, $layout, self::FIELD), 4))];

        return new ChangeDocument(['ground' => array_map(static fn(GroundLevel $one): array => $one->toArray(), $levels)]);
    }
}
