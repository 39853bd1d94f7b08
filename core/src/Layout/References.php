<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Tolerance;

/** Checks what one element alone cannot tell: ids are unique, what is referred to exists, openings lie on their walls. */
final class References
{
    /** @var array<string, string> id to the pointer of the element that has it */
    private array $taken = [];

    public function __construct(private readonly JsonCursor $document) {}

    /** @throws UnreadableLayout */
    public function check(Layout $layout): void
    {
        foreach ($this->document->get('storeys')->items() as $i => $place) {
            $storey = $layout->storeys[$i];
            $this->take($place);
            foreach (['walls', 'openings', 'rooms', 'fixtures', 'voids', 'soffits', 'guards', 'notes', 'blocks'] as $list) {
                array_map($this->take(...), $place->optional($list)?->items() ?? []);
            }
            foreach ($place->optional('openings')?->items() ?? [] as $j => $opening) {
                self::checkOnWall($opening, $storey->openings[$j], $storey);
            }
        }
        foreach ($this->document->optional('stairs')?->items() ?? [] as $i => $place) {
            $this->take($place);
            self::checkStair($place, $layout->stairs[$i], $layout);
        }
        foreach ($this->document->optional('survey')?->items() ?? [] as $i => $place) {
            $this->take($place);
            self::checkStorey($place->get('storey'), $layout->survey[$i]->storey, $layout);
        }
        array_map($this->take(...), $this->document->optional('axes')?->items() ?? []);
    }

    private function take(JsonCursor $element): void
    {
        $place = $element->get('id');
        $id = $place->identifier();
        if (isset($this->taken[$id])) {
            throw $place->refuse("expected an id of its own, \"{$id}\" is already at {$this->taken[$id]}");
        }
        $this->taken[$id] = $place->pointer;
    }

    private static function checkOnWall(JsonCursor $place, Opening $opening, Storey $storey): void
    {
        $wall = $storey->wall($opening->wall);
        if ($wall === null) {
            throw $place->get('wall')->refuse("expected the id of a wall of the same storey, found \"{$opening->wall}\"");
        }
        if ($wall->isDivider()) {
            throw $place->get('wall')->refuse("expected a wall, \"{$opening->wall}\" is a divider");
        }
        $half = ($opening->width ?? 0.0) / 2;
        $length = $wall->line()->length();
        if ($opening->at - $half < -Tolerance::TOUCH || $opening->at + $half > $length + Tolerance::TOUCH) {
            throw $place->get('at')->refuse(sprintf(
                'expected an opening that lies on its wall (0 to %.4g mm), it runs from %.4g to %.4g mm',
                $length,
                $opening->at - $half,
                $opening->at + $half,
            ));
        }
    }

    private static function checkStair(JsonCursor $place, Stair $stair, Layout $layout): void
    {
        self::checkStorey($place->get('to_storey'), $stair->toStorey, $layout);
        if ($stair->fromStorey === null) {
            return;
        }
        self::checkStorey($place->get('from_storey'), $stair->fromStorey, $layout);
        if ($stair->fromStorey === $stair->toStorey) {
            throw $place->get('to_storey')->refuse('expected another storey than the one the stair starts from');
        }
        // storeys are listed from the lowest up, so that no stairs can lead around in a ring
        $order = array_map(static fn(Storey $storey): string => $storey->id, $layout->storeys);
        if (array_search($stair->toStorey, $order, true) < array_search($stair->fromStorey, $order, true)) {
            throw $place->get('to_storey')->refuse("expected a storey above the one the stair starts from, \"{$stair->toStorey}\" lies below \"{$stair->fromStorey}\"");
        }
    }

    private static function checkStorey(JsonCursor $place, string $id, Layout $layout): void
    {
        if ($layout->storey($id) === null) {
            throw $place->refuse("expected the id of a storey, found \"{$id}\"");
        }
    }
}
