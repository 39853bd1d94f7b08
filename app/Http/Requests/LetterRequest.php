<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Letters\LetterDraft;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How the items of a corrections letter are ordered, and whether storeys are drawn in the round. */
final class LetterRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['by' => ['nullable', Rule::in([LetterDraft::BY_ROOM, LetterDraft::BY_CLAUSE])], 'round' => ['nullable', 'boolean']];
    }
}
