<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** One wish as it is being typed, or as it is put together from choices. */
final class WishRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'wishes' => ['array', 'max:1'],
            'wishes.*' => ['nullable', 'string', 'max:'.BriefRequest::LONGEST],
            'not' => ['nullable', 'boolean'],
            ...array_fill_keys(['of', 'which', 'about', 'from', 'to', 'other', 'or'], ['nullable', 'string', 'max:40']),
        ];
    }

    public function sentence(): string
    {
        $wish = $this->array('wishes')[0] ?? '';

        return is_string($wish) ? trim($wish) : '';
    }

    /** What was chosen or typed for a part of the wish. */
    public function chosen(string $part): string
    {
        return $this->string($part)->trim()->value();
    }
}
