<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\RulingKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A decision about a finding, or about all open ones of its rule. */
final class RulingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'finding' => ['required', 'string', 'max:190'],
            'kind' => ['required', Rule::enum(RulingKind::class)],
            'words' => ['nullable', 'string', 'max:2000'],
            'all' => ['nullable', 'boolean'],
            'show' => ['nullable', 'string', 'max:20'],
            'book' => ['nullable', 'string', 'max:60'],
        ];
    }

    public function kind(): RulingKind
    {
        return RulingKind::from($this->string('kind')->value());
    }
}
