<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Which scheme of a project is picked. */
final class PickedSchemeRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['scheme' => ['required', 'integer', 'min:1']];
    }
}
