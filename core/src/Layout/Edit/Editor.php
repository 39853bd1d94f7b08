<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Layout\Layout;

/** Makes edits. The result is held against what holds of any document, so that nothing a file could not hold comes about by editing. */
final readonly class Editor
{
    /** @throws RefusedEdit */
    public function apply(Layout $layout, Edit $edit): Edited
    {
        $draft = new Draft($layout);
        $edit->on($draft);

        return new Edited($draft->layout(), new Patch($draft->changes(), $edit->words()));
    }
}
