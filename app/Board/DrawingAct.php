<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Layout\ElementList;

/** An act that draws something new, which is chosen then. */
interface DrawingAct extends Act
{
    /** Of which list it is. */
    public function list(): ElementList;
}
