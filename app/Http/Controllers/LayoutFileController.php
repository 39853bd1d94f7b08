<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Revision;
use App\Models\Scheme;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutWriter;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A drawn home handed back as its layout document. */
final class LayoutFileController
{
    public function scheme(Scheme $scheme): Response
    {
        return self::file($scheme->layout, $scheme->name);
    }

    public function revision(Revision $revision): Response
    {
        return self::file($revision->layout, "revision {$revision->number}");
    }

    private static function file(Layout $layout, string $which): Response
    {
        $name = Str::slug("{$layout->name} {$which}");

        return response((new LayoutWriter())->write($layout), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.($name === '' ? 'layout' : $name).'.json"',
        ]);
    }
}
