<?php

declare(strict_types=1);

namespace Heurema\Layout\Upgrade;

/** What makes a document of one version one of the next. */
interface Upgrade
{
    /** The version that it reads. */
    public function from(): int;

    /** @param \stdClass $document of that version, not checked: what it does not know it leaves alone */
    public function apply(\stdClass $document): \stdClass;
}
