<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\HomeFormat;
use App\Models\Revision;
use App\Models\Scheme;
use Heurema\Layout\Layout;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A drawn home handed back, as its layout document, as an open building model, or as a scene in the round. */
final class LayoutFileController
{
    public function scheme(Scheme $scheme, HomeFormat $format): Response
    {
        return self::file($scheme->layout, $scheme->name, $format);
    }

    public function revision(Revision $revision, HomeFormat $format): Response
    {
        return self::file($revision->layout, "revision {$revision->number}", $format);
    }

    private static function file(Layout $layout, string $which, HomeFormat $format): Response
    {
        $name = Str::slug("{$layout->name} {$which}");

        return response($format->write($layout), 200, [
            'Content-Type' => $format->mediaType(),
            'Content-Disposition' => 'attachment; filename="'.($name === '' ? 'home' : $name).".{$format->value}\"",
        ]);
    }
}
