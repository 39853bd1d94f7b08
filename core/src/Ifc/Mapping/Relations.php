<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Ifc\Step\Instance;
use Heurema\Ifc\Step\StepFile;

/** How the elements of a file belong together. */
final class Relations
{
    /** @var array<int, int> whole by part */
    private array $wholes = [];

    /** @var array<int, list<int>> parts by whole */
    private array $parts = [];

    /** @var array<int, int> what an element stands in */
    private array $containers = [];

    /** @var array<int, list<int>> openings by element */
    private array $openings = [];

    /** @var array<int, int> what fills an opening */
    private array $fillers = [];

    /** @var array<int, int> type by element */
    private array $types = [];

    /** @var array<int, list<int>> property sets and quantities by element */
    private array $properties = [];

    /** @var array<int, int> material by element */
    private array $materials = [];

    /** @var array<int, list<int>> classifications by element */
    private array $classes = [];

    public function __construct(private readonly StepFile $file)
    {
        foreach ($file->all('IFCRELAGGREGATES') as $relation) {
            foreach ($relation->ids('RelatedObjects') as $part) {
                foreach ($relation->ids('RelatingObject') as $whole) {
                    $this->wholes[$part] = $whole;
                    $this->parts[$whole][] = $part;
                }
            }
        }
        $this->containers = $this->one('IFCRELCONTAINEDINSPATIALSTRUCTURE', 'RelatedElements', 'RelatingStructure');
        $this->types = $this->one('IFCRELDEFINESBYTYPE', 'RelatedObjects', 'RelatingType');
        $this->materials = $this->one('IFCRELASSOCIATESMATERIAL', 'RelatedObjects', 'RelatingMaterial');
        $this->fillers = $this->one('IFCRELFILLSELEMENT', 'RelatingOpeningElement', 'RelatedBuildingElement');
        $this->openings = $this->several('IFCRELVOIDSELEMENT', 'RelatingBuildingElement', 'RelatedOpeningElement');
        $this->properties = $this->several('IFCRELDEFINESBYPROPERTIES', 'RelatedObjects', 'RelatingPropertyDefinition');
        $this->classes = $this->several('IFCRELASSOCIATESCLASSIFICATION', 'RelatedObjects', 'RelatingClassification');
    }

    /** @return list<Instance> */
    public function partsOf(Instance $whole): array
    {
        return array_map($this->file->get(...), $this->parts[$whole->id] ?? []);
    }

    public function wholeOf(Instance $part): ?Instance
    {
        return isset($this->wholes[$part->id]) ? $this->file->get($this->wholes[$part->id]) : null;
    }

    /** @return list<Instance> the openings cut out of an element */
    public function openingsIn(Instance $element): array
    {
        return array_map($this->file->get(...), $this->openings[$element->id] ?? []);
    }

    public function fillerOf(Instance $opening): ?Instance
    {
        return isset($this->fillers[$opening->id]) ? $this->file->get($this->fillers[$opening->id]) : null;
    }

    public function typeOf(Instance $element): ?Instance
    {
        return isset($this->types[$element->id]) ? $this->file->get($this->types[$element->id]) : null;
    }

    public function materialOf(Instance $element): ?Instance
    {
        return isset($this->materials[$element->id]) ? $this->file->get($this->materials[$element->id]) : null;
    }

    /** @return list<Instance> */
    public function classesOf(Instance $element): array
    {
        return array_map($this->file->get(...), $this->classes[$element->id] ?? []);
    }

    /** The storey that an element stands on, by itself or through what it is a part of or stands in. */
    public function storeyOf(Instance $element): ?Instance
    {
        $id = $element->id;
        for ($steps = 0; $steps < 20; ++$steps) {
            $instance = $this->file->get($id);
            if ($instance->is('IFCBUILDINGSTOREY')) {
                return $instance;
            }
            $next = $this->containers[$id] ?? $this->wholes[$id] ?? null;
            if ($next === null) {
                return null;
            }
            $id = $next;
        }

        return null;
    }

    /** Of a property, told of the element or else of its type; null where nobody said it. */
    public function property(Instance $element, string $set, string $name): mixed
    {
        $type = $this->typeOf($element);
        $sets = [
            ...array_map($this->file->get(...), $this->properties[$element->id] ?? []),
            ...($type === null ? [] : $type->many('HasPropertySets')),
        ];
        foreach ($sets as $one) {
            foreach ($one->is('IFCPROPERTYSET') && $one->get('Name') === $set ? $one->many('HasProperties') : [] as $property) {
                if ($property->get('Name') === $name) {
                    return $property->get('NominalValue');
                }
            }
        }

        return null;
    }

    /** A quantity of an element, in its own unit or else in the file's; null where nobody said it. */
    public function quantity(Instance $element, string $name): ?Instance
    {
        foreach ($this->properties[$element->id] ?? [] as $id) {
            $set = $this->file->get($id);
            foreach ($set->is('IFCELEMENTQUANTITY') ? $set->many('Quantities') : [] as $quantity) {
                if ($quantity->get('Name') === $name) {
                    return $quantity;
                }
            }
        }

        return null;
    }

    /** @return list<Instance> the property sets of a type of some kind: linings and panels */
    public function describing(Instance $element, string $kind): array
    {
        $type = $this->typeOf($element);
        $sets = [
            ...array_map($this->file->get(...), $this->properties[$element->id] ?? []),
            ...($type === null ? [] : $type->many('HasPropertySets')),
        ];

        return array_values(array_filter($sets, static fn(Instance $set): bool => $set->is($kind)));
    }

    /** @return array<int, int> */
    private function one(string $relation, string $many, string $one): array
    {
        $found = [];
        foreach ($this->file->all($relation) as $instance) {
            foreach ($instance->ids($one) as $single) {
                foreach ($instance->ids($many) as $id) {
                    $found[$id] = $single;
                }
            }
        }

        return $found;
    }

    /** @return array<int, list<int>> */
    private function several(string $relation, string $of, string $many): array
    {
        $found = [];
        foreach ($this->file->all($relation) as $instance) {
            foreach ($instance->ids($of) as $id) {
                $found[$id] = [...$found[$id] ?? [], ...$instance->ids($many)];
            }
        }

        return $found;
    }
}
