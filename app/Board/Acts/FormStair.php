<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\StairForm;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Replace;
use Heurema\Layout\Flight;
use Heurema\Layout\Layout;
use Heurema\Layout\Stair;
use Heurema\Layout\Words\Turn;

/** The chosen stair straight, turning on landings or winders, or a spiral: with as many risers and as deep treads as before. */
final readonly class FormStair implements Act
{
    /** A tread where none is said, mm (common practice, no source). */
    private const TREAD = 250.0;

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $stair = array_values(array_filter($layout->stairs, static fn(Stair $one): bool => $one->id === $asked->select()))[0]
            ?? throw new RefusedEdit(__('Choose a stair.'));
        $before = StairForm::of($stair);
        $form = $before->with(
            $asked->word('outline', $before->outline),
            $asked->string('hand')->value() === Turn::Right->value ? Turn::Right : Turn::Left,
            $asked->integer('first', $before->first),
            $asked->lengthIfTyped('landing', $layout) ?? $before->landing,
            $asked->lengthIfTyped('inner', $layout) ?? $before->inner,
            [$asked->integer('winders', $before->winders), $asked->integer('second_winders', $before->secondWinders)],
        );
        $flights = array_values(array_filter($stair->parts, static fn($part): bool => $part instanceof Flight));

        return new Replace($form->shape($stair, $flights[0]->tread ?? self::TREAD));
    }
}
