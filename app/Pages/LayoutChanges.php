<?php

declare(strict_types=1);

namespace App\Pages;

use Heurema\Layout\Difference;
use Heurema\Review\MissingWords;
use Heurema\Spatial\Home;

/** What differs between two drawings of a home, its elements called by their names. */
final class LayoutChanges
{
    public static function between(Home $before, Home $after): Difference
    {
        $names = [new MissingWords($after), new MissingWords($before)];

        return new Difference(
            $before->layout,
            $after->layout,
            static fn(string $id): ?string => ($names[0]->subject($id) ?? $names[1]->subject($id))?->name(),
        );
    }
}
