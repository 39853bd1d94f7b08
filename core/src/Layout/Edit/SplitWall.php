<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Geometry\Tolerance;

/** A wall made two at a distance from its start; each opening goes with the part that it lies in. In mm. */
final readonly class SplitWall implements Edit
{
    /** @param string $newId id of the part from the split to the end */
    public function __construct(private string $id, private float $at, private string $newId) {}

    public function on(Draft $draft): void
    {
        $wall = $draft->find($this->id);
        if ($wall->list !== 'walls') {
            throw new RefusedEdit("{$wall->name()} is no wall.");
        }
        $line = $wall->line();
        if ($this->at <= Tolerance::TOUCH || $this->at >= $line->length() - Tolerance::TOUCH) {
            throw new RefusedEdit("{$wall->name()} is split between its ends.");
        }
        $middle = $line->at($this->at)->toArray();
        $draft->add($wall->storey, 'walls', [...$wall->values, 'id' => $this->newId, 'from' => $middle], $wall->position + 1);
        $draft->change($draft->find($this->id), ['to' => $middle]);
        foreach ($draft->entriesOf($wall->storey, 'openings') as $values) {
            if (($values['wall'] ?? null) === $this->id && is_string($values['id'] ?? null)) {
                $this->hand($draft, $draft->find($values['id']));
            }
        }
    }

    public function words(): string
    {
        return "Wall {$this->id} split";
    }

    private function hand(Draft $draft, DraftElement $opening): void
    {
        $at = $opening->number('at') ?? 0.0;
        $half = ($opening->number('width') ?? 0.0) / 2;
        if ($at - $half < $this->at - Tolerance::TOUCH && $at + $half > $this->at + Tolerance::TOUCH) {
            throw new RefusedEdit("{$opening->name()} lies across the split.");
        }
        if ($at > $this->at) {
            $draft->change($opening, ['wall' => $this->newId, 'at' => round(max(0.0, $at - $this->at), 4)]);
        }
    }
}
