<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Layout\Words\SurveyRole;

/** A distance taped on site, held against the drawn one; the parts of a group must add up to its overall. In mm. */
final readonly class SurveyDistance
{
    public function __construct(
        public string $id,
        public string $storey,
        public Point $from,
        public Point $to,
        public float $measured,
        public ?string $group = null,
        public ?SurveyRole $role = null,
    ) {}

    public static function read(JsonCursor $place): self
    {
        $place->object(['id', 'storey', 'from', 'to', 'measured', 'group', 'role']);

        return new self(
            $place->get('id')->identifier(),
            $place->get('storey')->identifier(),
            $place->get('from')->point(),
            $place->get('to')->point(),
            $place->get('measured')->size(),
            $place->optional('group')?->text(),
            $place->optional('role')?->word(SurveyRole::class),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return Document::known([
            'id' => $this->id,
            'storey' => $this->storey,
            'from' => $this->from->toArray(),
            'to' => $this->to->toArray(),
            'measured' => $this->measured,
            'group' => $this->group,
            'role' => $this->role?->value,
        ]);
    }
}
