<?php

declare(strict_types=1);

namespace App\Pages;

/** A distance or a height that was taped, as it is read. */
final readonly class TapedRow
{
    /**
     * @param string $off  with its sign: longer than drawn is plus
     * @param string $slip how it may have been misread; empty: nothing plain
     * @param string $who  who taped it, and when
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $storey,
        public string $drawn,
        public string $taped,
        public string $off,
        public string $slip,
        public string $chain,
        public string $who,
    ) {}
}
