<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Revision;
use App\Models\Scheme;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** A few words that are searched for, and the home that is in sight. */
final class SearchRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'q' => ['nullable', 'string', 'max:100'],
            'scheme' => ['nullable', 'integer', 'min:1'],
            'revision' => ['nullable', 'integer', 'min:1'],
        ];
    }

    public function words(): string
    {
        return $this->string('q')->value();
    }

    public function scheme(): ?Scheme
    {
        $scheme = $this->filled('scheme') ? Scheme::query()->findOrFail($this->integer('scheme')) : null;
        if ($scheme !== null) {
            Gate::authorize('update', $scheme);
        }

        return $scheme;
    }

    public function revision(): ?Revision
    {
        $revision = $this->filled('revision') ? Revision::query()->findOrFail($this->integer('revision')) : null;
        if ($revision !== null) {
            Gate::authorize('view', $revision);
        }

        return $revision;
    }
}
