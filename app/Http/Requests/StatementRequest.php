<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A value that the drawing does not say, as somebody states it. */
final class StatementRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'element' => ['required', 'string', 'max:80'],
            'key' => ['required', 'string', 'max:40'],
            'typed' => ['required', 'string', 'max:200'],
            'finding' => ['nullable', 'string', 'max:190'],
        ];
    }
}
