<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

use Heurema\Measure\Unknown;
use Heurema\Spatial\PlacedOpening;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** The opening in the frame that the glass fills, in mm. */
final readonly class GlassOpening
{
    /** Frame and sash on each side where nobody said. */
    private const FRAME = 50.0;

    /** @param list<Message> $assumptions */
    private function __construct(public float $width, public float $height, public Message $working, public array $assumptions) {}

    public static function of(PlacedOpening $window): self|Unknown
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
            Message::of(
                'window.glass_opening.less_frame',
                width: Amount::length($opening->width),
                height: Amount::length($opening->height),
                frame: Amount::length($frame),
            ),
            self::assumedFrame($window),
        );
    }

    public static function frame(PlacedOpening $window): float
    {
        return $window->opening->window->frame ?? self::FRAME;
    }

    /** @return list<Message> */
    public static function assumedFrame(PlacedOpening $window): array
    {
        return $window->opening->window?->frame === null
            ? [Message::of('window.glass_opening.frame_taken', window: $window->spoken(), frame: Amount::length(self::FRAME))]
            : [];
    }
}
