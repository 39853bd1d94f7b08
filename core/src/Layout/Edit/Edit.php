<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

/** Something a person does to a layout. */
interface Edit
{
    /**
     * Does it to a draft.
     *
     * @throws RefusedEdit
     */
    public function on(Draft $draft): void;

    /** What was done, for the log: `Wall w5 moved 200 mm`. */
    public function words(): string;
}
