<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Sheets\ReadableFields;
use App\Sheets\SheetFields;
use Illuminate\Foundation\Http\FormRequest;

/** Fields of title blocks, one a line. */
final class SheetFieldsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['fields' => ['nullable', 'string', 'max:2000', new ReadableFields()], 'sheet' => ['nullable', 'integer', 'min:0']];
    }

    /** @return list<array{string, string}> */
    public function fields(): array
    {
        return SheetFields::read($this->string('fields')->value());
    }
}
