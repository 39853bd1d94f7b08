<?php

declare(strict_types=1);

namespace Heurema\Spatial\Subject;

/** One thing that measures and rules speak of. */
interface Subject
{
    public function type(): SubjectType;

    /** The element's id in the layout document; `dwelling` for the whole. */
    public function id(): string;

    /** How people call it. */
    public function name(): string;

    /** The id of the storey it is on; null for the whole dwelling. */
    public function storey(): ?string;
}
