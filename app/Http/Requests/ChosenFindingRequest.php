<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Which finding of a review is chosen. */
final class ChosenFindingRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['finding' => ['nullable', 'string', 'max:200']];
    }
}
