<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Sheets\Paper;
use App\Sheets\ReadableFields;
use App\Sheets\SheetFields;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What an office sets its letters on, and the fields of its title blocks. */
final class OfficePaperRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'paper' => ['nullable', Rule::in(array_map(static fn(Paper $one): string => $one->value, Paper::forLetters()))],
            'fields' => ['nullable', 'string', 'max:2000', new ReadableFields()],
        ];
    }

    /** @return array{paper: string|null, sheet_fields: list<array{string, string}>|null} */
    public function values(): array
    {
        $fields = SheetFields::read($this->string('fields')->value());

        return [
            'paper' => $this->filled('paper') ? $this->string('paper')->value() : null, 'sheet_fields' => $fields === [] ? null : $fields,
        ];
    }
}
