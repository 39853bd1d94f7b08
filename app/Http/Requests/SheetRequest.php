<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Sheets\Paper;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A plan sheet that is asked for: which storey, on which paper, how large, as what; `set` is a PDF of all storeys. */
final class SheetRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'storey' => ['required', 'string', 'max:40'],
            'paper' => ['required', Rule::enum(Paper::class)],
            'scale' => ['nullable', 'integer', 'between:5,1000'],
            'format' => ['required', 'in:svg,pdf,set'],
        ];
    }

    public function paper(): Paper
    {
        return Paper::from($this->string('paper')->value());
    }

    /** @return int|null null: the largest that fits */
    public function scale(): ?int
    {
        return $this->filled('scale') ? $this->integer('scale') : null;
    }
}
