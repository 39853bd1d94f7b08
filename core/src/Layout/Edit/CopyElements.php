<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\DrawnDimension;
use Heurema\Layout\Element;
use Heurema\Layout\Opening;

/** Copies of elements, moved by a distance in mm, on their own storey or on another; heights above the floor stay as they are. */
final readonly class CopyElements implements Edit
{
    private const MOST = 200;

    /**
     * @param array<string, string> $newIds the id of each copy by the id of what is copied; openings go with a copied wall
     * @param string|null           $storey null: their own
     */
    public function __construct(private array $newIds, private Point $by, private ?string $storey = null) {}

    public function on(Draft $draft): void
    {
        if (count($this->newIds) > self::MOST) {
            throw new RefusedEdit(Text::of('At most {most} elements are copied at once.', most: self::MOST));
        }
        foreach ($this->newIds as $id => $newId) {
            $copied = $draft->find($id);
            if ($copied->storey === null) {
                throw new RefusedEdit(Text::of('{copied} is not copied.', copied: $copied->name()));
            }
            $copy = $this->placed($copied->element)->copied($newId);
            $placed = $copy instanceof DrawnDimension ? CopiedDimension::of($copy, $this->newIds) : $copy;
            $draft->add($this->storey ?? $copied->storey, $placed);
        }
    }

    public function words(): string
    {
        return Text::of('{list} copied', list: implode(', ', array_keys($this->newIds)));
    }

    private function placed(Element $element): Element
    {
        if (!$element instanceof Opening) {
            return $element->carried(Motion::by($this->by));
        }

        return isset($this->newIds[$element->wall])
            ? $element->inWall($this->newIds[$element->wall], $element->at)
            : throw new RefusedEdit(Text::of('{element} is copied with its wall, or placed anew in another.', element: $element->name()));
    }
}
