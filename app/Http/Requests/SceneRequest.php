<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How a home is modelled in the round: with its doors open, with what is lower than somebody wants. */
final class SceneRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['doors' => ['nullable', 'in:open,shut'], 'low' => ['nullable', 'numeric', 'between:300,4000']];
    }

    public function isOpen(): bool
    {
        return $this->string('doors')->value() === 'open';
    }

    /** @return float|null the height below which a space is low, mm */
    public function wanted(): ?float
    {
        return $this->filled('low') ? $this->float('low') : null;
    }
}
