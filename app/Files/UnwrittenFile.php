<?php

declare(strict_types=1);

namespace App\Files;

/** There was no room for a file, or no right to write it: nothing of it is kept, and what was there before stays. */
final class UnwrittenFile extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct(__('The server has no room to write a file. Nothing is lost; try again later, or tell whoever runs it.'));
    }
}
