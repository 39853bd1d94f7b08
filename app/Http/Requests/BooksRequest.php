<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Heurema\Rulebook\Shelf;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which rule books a revision is to be held against. */
final class BooksRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(Shelf $shelf): array
    {
        return [
            'books' => ['required', 'array', 'min:1'],
            'books.*' => ['string', 'distinct', Rule::in($shelf->ids())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['books.required' => 'Choose at least one rule book.', 'books.*.in' => 'There is no such rule book.'];
    }

    /** @return list<string> */
    public function books(): array
    {
        return array_values(array_filter($this->collect('books')->all(), is_string(...)));
    }
}
