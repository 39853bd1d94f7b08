<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Where and when the sun is asked for. */
final class SunRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'latitude' => ['required', 'numeric', 'between:-90,90'],
            'date' => ['required', 'date_format:Y-m-d'],
            'hour' => ['required', 'numeric', 'between:0,24'],
            'north' => ['required', 'numeric', 'between:-360,360'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'latitude.*' => __('The latitude is a number from -90 to 90 degrees, north of the equator positive.'),
            'date.*' => __('Say the date.'),
            'hour.*' => __('The hour is a number from 0 to 24.'),
        ];
    }
}
