<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Ifc\Shape\Bodies;
use Heurema\Ifc\Step\Instance;
use Heurema\Ifc\Step\KeptElement;

/** What a model that Heurema wrote says of its elements beside the standard. */
final readonly class KeptElements
{
    public function __construct(private Relations $relations, private Bodies $bodies) {}

    /**
     * An element as the layout had it, where its body is as it was written.
     *
     * @param Instance|null $body what has its body, where that is something else
     *
     * @return array<string, mixed>|null
     */
    public function element(Instance $of, ?Instance $body = null): ?array
    {
        $kept = $this->read($of, $this->box($body ?? $of));
        $element = $kept['element'] ?? null;

        return is_array($element) ? self::named($element) : null;
    }

    /** @return array<string, mixed>|null what is said of a storey or of the document itself */
    public function values(Instance $of): ?array
    {
        return $this->read($of, null);
    }

    /** Did Heurema write it, and has nobody changed its body since? */
    public function isKept(Instance $of): bool
    {
        return $this->read($of, $this->box($of)) !== null;
    }

    /** Its id in the layout, whatever became of its body; null where the model is none of Heurema's. */
    public function id(Instance $of): ?string
    {
        $told = $this->relations->property($of, KeptElement::SET, KeptElement::ELEMENT);
        $kept = is_string($told) ? json_decode($told, true) : null;
        $element = is_array($kept) ? $kept['element'] ?? $kept : [];
        $id = is_array($element) ? $element['id'] ?? null : null;

        return is_string($id) && preg_match('/^[A-Za-z0-9_-]{1,40}$/', $id) === 1 ? $id : null;
    }

    /**
     * @param list<float>|null $box
     *
     * @return array<string, mixed>|null
     */
    private function read(Instance $of, ?array $box): ?array
    {
        return KeptElement::read(
            $this->relations->property($of, KeptElement::SET, KeptElement::ELEMENT),
            $this->relations->property($of, KeptElement::SET, KeptElement::BODY),
            $box,
        );
    }

    /** @return list<float>|null around its body */
    private function box(Instance $element): ?array
    {
        $box = null;
        foreach ($this->bodies->of($element) as $solid) {
            foreach ($solid->corners() as $corner) {
                $box = $box === null ? [$corner->x, $corner->y, $corner->z, $corner->x, $corner->y, $corner->z] : [
                    min($box[0], $corner->x), min($box[1], $corner->y), min($box[2], $corner->z),
                    max($box[3], $corner->x), max($box[4], $corner->y), max($box[5], $corner->z),
                ];
            }
        }

        return $box;
    }

    /**
     * @param array<mixed> $element
     *
     * @return array<string, mixed>
     */
    private static function named(array $element): array
    {
        $named = [];
        foreach ($element as $key => $value) {
            $named[(string) $key] = $value;
        }

        return $named;
    }
}
