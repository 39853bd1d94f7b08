<?php

declare(strict_types=1);

namespace App\Models;

use Heurema\Layout\Layout;
use Heurema\Layout\Schema\UnreadableLayout;

/** A row with a drawn home, which may be of a version that is not read any more. */
trait HasLayout
{
    /** The home, or why it cannot be read. */
    public function readLayout(): Layout|UnreadableLayout
    {
        try {
            /** @var Layout $layout */
            $layout = $this->getAttribute('layout');

            return $layout;
        } catch (UnreadableLayout $e) {
            return $e;
        }
    }
}
