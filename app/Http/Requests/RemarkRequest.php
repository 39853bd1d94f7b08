<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A remark pinned to a place on the plan, in mm. */
final class RemarkRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'storey' => ['required', 'string', 'max:40'],
            'x' => ['required', 'numeric', 'between:-1000000,1000000'],
            'y' => ['required', 'numeric', 'between:-1000000,1000000'],
            'words' => ['required', 'string', 'max:1000'],
        ];
    }

    /** @return array{storey: string, x: float, y: float, words: string} */
    public function remark(): array
    {
        return [
            'storey' => $this->string('storey')->value(),
            'x' => $this->float('x'),
            'y' => $this->float('y'),
            'words' => $this->string('words')->value(),
        ];
    }
}
