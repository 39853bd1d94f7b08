<?php

declare(strict_types=1);

namespace Heurema\Measure;

/** No value, because something was not drawn or said. */
final readonly class Unknown implements Measurement
{
    /** @param list<string> $missing each as `id.key` of the layout document, or in words where no key could say it */
    public function __construct(public array $missing) {}
}
