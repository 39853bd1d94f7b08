<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Drawing\DimensionStyle;
use Heurema\Spatial\WallDatum;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How plans are to be dimensioned; what is left out is as usual. */
final class DimensionStyleRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'outside' => ['nullable', Rule::in(array_keys(DimensionStyle::OUTSIDE))],
            'inside' => ['nullable', 'boolean'],
            'datum' => ['nullable', Rule::enum(WallDatum::class)],
            'units' => ['nullable', Rule::in(array_keys(DimensionStyle::UNITS))],
            'precision' => ['nullable', Rule::in(array_keys(DimensionStyle::PRECISION))],
            'marks' => ['nullable', Rule::in(array_keys(DimensionStyle::MARKS))],
            'storey' => ['nullable', 'string', 'max:40'],
            'select' => ['nullable', 'string', 'max:80'],
        ];
    }

    public function style(): DimensionStyle
    {
        return DimensionStyle::from([...$this->validated(), 'inside' => $this->boolean('inside')]);
    }
}
