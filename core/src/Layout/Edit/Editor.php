<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\UnreadableLayout;

/** Makes edits. The result is read like any document, so that nothing a file could not hold comes about by editing. */
final readonly class Editor
{
    public function __construct(private LayoutReader $reader) {}

    /** @throws RefusedEdit */
    public function apply(Layout $layout, Edit $edit): Edited
    {
        $draft = new Draft($layout);
        $edit->on($draft);
        try {
            return new Edited($this->reader->read($draft->json()), new Patch($draft->changes(), $edit->words()));
        } catch (UnreadableLayout $e) {
            throw new RefusedEdit($e->getMessage(), 0, $e);
        }
    }
}
