<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use App\Board\Field;
use App\Board\Fields;
use App\Board\TypedValues;
use Heurema\Geometry\Segment;

/** The fields of the chosen element and what their choices mean on the plan. */
final readonly class ElementFields
{
    public function __construct(private Chosen $chosen, private OpeningFields $opening, private FixtureFields $fixture) {}

    /** @return list<Field> */
    public function all(): array
    {
        $element = $this->chosen->element();

        return $element === null ? [] : Fields::of($element);
    }

    public function value(Field $field): string
    {
        $element = $this->chosen->element();

        return $element === null ? '' : (new TypedValues($this->chosen->layout))->write($element, $field);
    }

    /** A choice of a field as one would say it of the chosen element. */
    public function says(Field $field, string $choice): string
    {
        return match ($field->key) {
            'hinge' => $this->opening->jamb($choice),
            'opens' => __('into :towards', ['towards' => $this->opening->towards($choice)]),
            default => $field->words($choice),
        };
    }

    /** Where on the plan a choice or a length of the chosen element is, to be lit while its field is used. */
    public function lights(string $key): ?string
    {
        $opening = $this->chosen->opening();
        $line = match (true) {
            $opening === null => $this->fixture->sides()[$key] ?? null,
            $key === 'at' => new Segment($opening->wall->from, $opening->middle()),
            $key === 'width' => $opening->span(),
            default => null,
        };

        return $line === null
            ? null
            : implode(' ', [round($line->from->x, 1), round($line->from->y, 1), round($line->to->x, 1), round($line->to->y, 1)]);
    }
}
