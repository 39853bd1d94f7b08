<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A scheme handed in, with what is said to the letter, after the revision that was last seen. */
final class SubmissionRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'answer' => ['nullable', 'string', 'max:4000'],
            'after' => ['nullable', 'integer', 'min:0'],
        ];
    }
}
