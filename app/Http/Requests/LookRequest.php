<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Density;
use App\Models\Light;
use Heurema\Language\Language;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class LookRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'light' => ['required', Rule::enum(Light::class)],
            'density' => ['required', Rule::enum(Density::class)],
            'language' => ['nullable', Rule::enum(Language::class)],
        ];
    }
}
