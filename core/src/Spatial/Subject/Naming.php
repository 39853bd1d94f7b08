<?php

declare(strict_types=1);

namespace Heurema\Spatial\Subject;

/** Says what subjects are called. */
interface Naming
{
    /** As a sentence begins: `North window W3 of Bedroom 2`. */
    public function of(Subject $subject): string;
}
