<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\Described;

/** What a document lists by its id: a wall, a room, a stair. */
interface Element extends Described
{
    /** Of which list. */
    public static function list(): ElementList;

    public function id(): string;

    /** A copy of it under another id, not locked in its place. */
    public function copied(string $id): static;

    public function isLocked(): bool;

    /** `Wall w5`, `Water closet f3` */
    public function name(): string;
}
