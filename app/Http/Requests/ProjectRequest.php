<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\ProjectKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a project is called, where it is, what kind of work it is. */
final class ProjectRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'address' => ['nullable', 'string', 'max:200'],
            'kind' => ['nullable', Rule::enum(ProjectKind::class)],
        ];
    }

    /** @return array{name: string, address: string|null, kind: ProjectKind|null} */
    public function project(): array
    {
        return [
            'name' => $this->string('name')->value(),
            'address' => $this->filled('address') ? $this->string('address')->value() : null,
            'kind' => $this->enum('kind', ProjectKind::class),
        ];
    }
}
