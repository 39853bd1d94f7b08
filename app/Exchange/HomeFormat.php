<?php

declare(strict_types=1);

namespace App\Exchange;

use Heurema\Ifc\Writing\ModelWriter;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutWriter;
use Heurema\Scene\BinaryModel;
use Heurema\Scene\Scene;
use Heurema\Spatial\Home;

/** Open formats that a whole home is handed back in; the value is the ending of the file. */
enum HomeFormat: string
{
    /** The layout document. */
    case Layout = 'json';

    /** The open building model, ISO 16739. */
    case BuildingModel = 'ifc';

    /** The scene in the round, ISO/IEC 12113. */
    case Scene = 'glb';

    public function mediaType(): string
    {
        return match ($this) {
            self::Layout => 'application/json',
            self::BuildingModel => 'application/x-step',
            self::Scene => 'model/gltf-binary',
        };
    }

    /**
     * @param bool       $isOpen doors stand open in a scene
     * @param float|null $wanted where less height is left is a part of the scene, mm
     */
    public function write(Layout $layout, bool $isOpen = false, ?float $wanted = null): string
    {
        return match ($this) {
            self::Layout => (new LayoutWriter())->write($layout),
            self::BuildingModel => ModelWriter::write($layout, now()->format('Y-m-d\TH:i:s')),
            self::Scene => BinaryModel::write(Scene::of(new Home($layout), $isOpen, $wanted)),
        };
    }
}
