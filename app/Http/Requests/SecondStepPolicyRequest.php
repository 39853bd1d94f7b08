<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Whether an office wants a second step at signing in. */
final class SecondStepPolicyRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'wanted' => ['required', 'boolean'],
        ];
    }
}
