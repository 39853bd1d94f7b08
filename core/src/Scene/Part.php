<?php

declare(strict_types=1);

namespace Heurema\Scene;

/** Something of a home in space: an element, or a part of one that is made of something else. */
final readonly class Part
{
    /**
     * @param string                $element id of the element in the layout
     * @param string                $name    for people
     * @param string                $storey  id
     * @param non-empty-list<Prism> $prisms  in mm of the home, z up from the zero of its heights
     */
    public function __construct(
        public string $element,
        public string $name,
        public string $storey,
        public Material $material,
        public array $prisms,
    ) {}
}
