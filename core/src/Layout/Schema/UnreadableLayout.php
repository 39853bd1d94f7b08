<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

use Heurema\Language\Text;

/** What was handed in is not a layout document: says where (JSON pointer) and what was expected there. */
final class UnreadableLayout extends \RuntimeException
{
    public function __construct(public readonly string $pointer, public readonly string $expected)
    {
        parent::__construct(($pointer === '' ? Text::of('The document') : $pointer).': '.$expected);
    }
}
