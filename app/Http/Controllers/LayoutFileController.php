<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Revision;
use App\Models\Scheme;
use Heurema\Ifc\Writing\ModelWriter;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutWriter;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A drawn home handed back, as its layout document or as an open building model. */
final class LayoutFileController
{
    private const TYPES = ['json' => 'application/json', 'ifc' => 'application/x-step'];

    public function scheme(Scheme $scheme, string $format): Response
    {
        return self::file($scheme->layout, $scheme->name, $format);
    }

    public function revision(Revision $revision, string $format): Response
    {
        return self::file($revision->layout, "revision {$revision->number}", $format);
    }

    private static function file(Layout $layout, string $which, string $format): Response
    {
        $type = self::TYPES[$format] ?? abort(404);
        $name = Str::slug("{$layout->name} {$which}");
        $content = $format === 'ifc'
            ? ModelWriter::write($layout, now()->format('Y-m-d\TH:i:s'))
            : (new LayoutWriter())->write($layout);

        return response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => 'attachment; filename="'.($name === '' ? 'home' : $name).".{$format}\"",
        ]);
    }
}
