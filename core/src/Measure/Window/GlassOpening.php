<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;

/** The opening in the frame that the glass fills, in mm. */
final readonly class GlassOpening
{
    /** Frame and sash on each side where nobody said. */
    private const FRAME = 50.0;

    /** @param list<string> $assumptions */
    private function __construct(public float $width, public float $height, public string $working, public array $assumptions) {}

    public static function of(PlacedOpening $window, Home $home): self|Unknown
    {
        $opening = $window->opening;
        if ($opening->width === null || $opening->height === null) {
            return new Unknown([
                ...($opening->width === null ? ["{$opening->id}.width"] : []),
                ...($opening->height === null ? ["{$opening->id}.height"] : []),
            ]);
        }
        $frame = self::frame($window);

        return new self(
            max(0.0, $opening->width - 2 * $frame),
            max(0.0, $opening->height - 2 * $frame),
            "{$home->length($opening->width)} by {$home->length($opening->height)} less a frame of {$home->length($frame)} all round",
            self::assumedFrame($window, $home),
        );
    }

    public static function frame(PlacedOpening $window): float
    {
        return $window->opening->window->frame ?? self::FRAME;
    }

    /** @return list<string> */
    public static function assumedFrame(PlacedOpening $window, Home $home): array
    {
        return $window->opening->window?->frame === null
            ? ["Frame and sash of {$window->spoken()} taken as {$home->length(self::FRAME)} on each side."]
            : [];
    }
}
