<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Sheets\SheetFields;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;

/** Fields of title blocks, one a line. */
final class SheetFieldsRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['fields' => ['nullable', 'string', 'max:2000'], 'sheet' => ['nullable', 'integer', 'min:0']];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            try {
                SheetFields::read($this->string('fields')->value());
            } catch (\InvalidArgumentException $e) {
                $validator->errors()->add('fields', $e->getMessage());
            }
        }];
    }

    /** @return list<array{string, string}> */
    public function fields(): array
    {
        return SheetFields::read($this->string('fields')->value());
    }
}
