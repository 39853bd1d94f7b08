<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use App\Board\Acts\SetHandrails;
use Heurema\Language\Text;
use Heurema\Layout\Handrails;
use Heurema\Layout\Ramp;
use Heurema\Layout\Stair;

/** The handrails of the chosen stair or ramp. */
final readonly class RailFields
{
    public function __construct(private Chosen $chosen) {}

    /** @return array<string, array{string, string, string}> label, value and hint by field */
    public function heights(): array
    {
        $sides = $this->handrails()->sides ?? [];
        $fields = [];
        foreach (SetHandrails::SIDES as $side) {
            $rail = $sides[$side] ?? null;
            $fields[SetHandrails::field($side)] = [
                __('Rail on the :side, climbing', ['side' => Text::word($side)]),
                $rail !== null ? $this->chosen->typed($rail->height) : (array_key_exists($side, $sides) ? __(SetHandrails::NONE) : ''),
                __('its height, or none'),
            ];
        }

        return $fields;
    }

    /** @return array<string, array{string, string, string}> of the rails that there are: label, value and hint by field */
    public function details(): array
    {
        $fields = [];
        foreach (array_filter($this->handrails()->sides ?? []) as $side => $rail) {
            foreach ([
                'projection' => [__('stands in by'), ''],
                'foot' => [__('goes on at the foot by'), __('beyond the lowest nosing')],
                'head' => [__('goes on at the head by'), __('beyond the highest nosing')],
            ] as $detail => [$label, $hint]) {
                $value = $rail->$detail;
                $fields[SetHandrails::field($side, $detail)] = [
                    __(':side rail :label', ['side' => Text::capital(Text::word($side)), 'label' => $label]),
                    is_float($value) ? $this->chosen->typed($value) : '',
                    $hint,
                ];
            }
        }

        return $fields;
    }

    private function handrails(): ?Handrails
    {
        $element = $this->chosen->element();

        return $element instanceof Stair || $element instanceof Ramp ? $element->handrails : null;
    }
}
