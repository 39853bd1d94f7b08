<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** An office is removed by whoever types its name. */
final class OfficeRemovalRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', Rule::in([$this->user() instanceof User ? $this->user()->office->name : ''])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.in' => __('Type the name of the office as it stands above.')];
    }
}
