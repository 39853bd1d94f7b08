<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Revision;
use App\Models\Scheme;
use Heurema\Ifc\Writing\ModelWriter;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutWriter;
use Heurema\Scene\BinaryModel;
use Heurema\Scene\Scene;
use Heurema\Spatial\Home;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A drawn home handed back, as its layout document, as an open building model, or as a scene in the round. */
final class LayoutFileController
{
    private const TYPES = ['json' => 'application/json', 'ifc' => 'application/x-step', 'glb' => 'model/gltf-binary'];

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
        $content = match ($format) {
            'ifc' => ModelWriter::write($layout, now()->format('Y-m-d\TH:i:s')),
            'glb' => BinaryModel::write(Scene::of(new Home($layout))),
            default => (new LayoutWriter())->write($layout),
        };

        return response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => 'attachment; filename="'.($name === '' ? 'home' : $name).".{$format}\"",
        ]);
    }
}
