<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Drawing\DimensionLook;
use App\Drawing\DimensionStyle;
use App\Drawing\LengthStyle;
use Heurema\Spatial\WallDatum;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How plans are to be dimensioned, and which layers are hidden, with commas between; what is left out is as usual. */
final class DimensionStyleRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $among = static fn(array $words): array => ['nullable', Rule::in(array_map(strval(...), array_keys($words)))];

        return [
            'outside' => $among(DimensionStyle::OUTSIDE),
            'inside' => ['nullable', 'boolean'],
            'datum' => ['nullable', Rule::enum(WallDatum::class)],
            'marks' => $among(DimensionStyle::MARKS),
            'partitions' => $among(DimensionStyle::PARTITIONS),
            'openings' => $among(DimensionStyle::OPENINGS),
            'units' => $among(LengthStyle::UNITS),
            'precision' => $among(LengthStyle::PRECISION),
            'decimals' => $among(LengthStyle::DECIMALS),
            'suffix' => ['nullable', 'boolean'],
            'text' => $among(DimensionLook::TEXTS),
            'ends' => $among(DimensionLook::ENDS),
            'hidden' => ['nullable', 'string', 'max:200'],
            'storey' => ['nullable', 'string', 'max:40'],
            'select' => ['nullable', 'string', 'max:80'],
        ];
    }

    public function style(): DimensionStyle
    {
        return DimensionStyle::from([
            ...$this->validated(),
            'inside' => $this->boolean('inside'),
            'suffix' => $this->boolean('suffix'),
            'hidden' => $this->has('hidden') ? explode(',', $this->string('hidden')->value()) : null,
        ]);
    }
}
