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

    /** Is it of a kind that has marks? */
    public function isMarked(): bool;

    /** What people call it on plans and in letters, `D1`; null where nobody said. */
    public function mark(): ?string;

    /** The same with another mark; of a kind that has them. */
    public function withMark(?string $mark): static;

    /** A copy of it under another id, without a mark and not locked in its place. */
    public function copied(string $id): static;

    public function isLocked(): bool;

    /** `Wall w5`, `Water closet f3` */
    public function name(): string;
}
