<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\HomeFormat;
use App\Http\Requests\SceneRequest;
use App\Models\Revision;
use App\Models\Scheme;
use Heurema\Layout\Layout;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/**
 * A drawn home handed back: its layout document, an open building model, or a scene in the round (`doors=open`: its doors are open;
 * `low=2000`: with what is lower).
 */
final class LayoutFileController
{
    public function scheme(SceneRequest $request, Scheme $scheme, HomeFormat $format): Response
    {
        return self::file($scheme->layout, $scheme->name, $format, $request);
    }

    public function revision(SceneRequest $request, Revision $revision, HomeFormat $format): Response
    {
        return self::file($revision->layout, "revision {$revision->number}", $format, $request);
    }

    private static function file(Layout $layout, string $which, HomeFormat $format, SceneRequest $request): Response
    {
        $name = Str::slug("{$layout->name} {$which}");

        return response($format->write($layout, $request->isOpen(), $request->wanted()), 200, [
            'Content-Type' => $format->mediaType(),
            'Content-Disposition' => 'attachment; filename="'.($name === '' ? 'home' : $name).".{$format->value}\"",
        ]);
    }
}
