<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Examination\BookList;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The rule books that a draft is held against. */
final class BasisRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(BookList $list): array
    {
        return [
            'books' => ['required', 'array', 'min:1'],
            'books.*' => ['string', Rule::in($list->ids())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['books.required' => __('Choose at least one rule book.')];
    }

    /** @return list<string> */
    public function books(): array
    {
        return array_values(array_filter($this->array('books'), is_string(...)));
    }
}
