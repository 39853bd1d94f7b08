<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Board\ActInput;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** Something done on the board: the version it was done on, and what is asked for as the act needs it. */
class BoardRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'sent_as' => ['nullable', 'string', 'max:40'],
            'storey' => ['nullable', 'string', 'max:40'],
            'select' => ['nullable', 'string', 'max:80'],
            'finding' => ['nullable', 'string', 'max:200'],
            'ids' => ['nullable', 'array', 'max:500'],
            'ids.*' => ['string', 'max:80'],
            'edit' => ['nullable', 'string', 'max:200000'],
            'fields' => ['nullable', 'array', 'max:40'],
            'fields.*' => ['nullable', 'string', 'max:500'],
            'length' => ['nullable', 'string', 'max:100'],
            'thickness' => ['nullable', 'string', 'max:100'],
            'distance' => ['nullable', 'string', 'max:100'],
            'measured' => ['nullable', 'string', 'max:100'],
            'size' => ['nullable', 'string', 'max:100'],
            'height' => ['nullable', 'string', 'max:100'],
            'legs' => ['nullable', 'array', 'max:500'],
            'legs.*.to' => ['nullable', 'string', 'max:60'],
            'legs.*.length' => ['nullable', 'string', 'max:100'],
            'legs.*.towards' => ['nullable', 'numeric'],
            'riser' => ['nullable', 'string', 'max:100'],
            'right' => ['nullable', 'numeric'],
            'higher' => ['nullable', 'numeric'],
            'margin' => ['nullable', 'string', 'max:100'],
            'first' => ['nullable', 'integer', 'between:0,60'],
            'winders' => ['nullable', 'integer', 'between:1,12'],
            'second_winders' => ['nullable', 'integer', 'between:1,12'],
            'landing' => ['nullable', 'string', 'max:100'],
            'inner' => ['nullable', 'string', 'max:100'],
            'line' => ['nullable', 'array', 'max:200'],
            'line.*' => ['string', 'max:60'],
            'corners' => ['nullable', 'array', 'max:200'],
            'corners.*' => ['string', 'max:60'],
            'opening' => ['nullable', 'string', 'max:20'],
            'filling' => ['nullable', 'string', 'max:20'],
            'below' => ['nullable', 'string', 'max:100'],
            'drop' => ['nullable', 'string', 'max:100'],
            'radius' => ['nullable', 'string', 'max:100'],
            'low' => ['nullable', 'string', 'max:100'],
            'high' => ['nullable', 'string', 'max:100'],
            'gap' => ['nullable', 'string', 'max:100'],
            'width' => ['nullable', 'string', 'max:100'],
            'depth' => ['nullable', 'string', 'max:100'],
            'base' => ['nullable', 'string', 'max:100'],
            'like' => ['nullable', 'string', 'max:80'],
            'rise' => ['nullable', 'string', 'max:100'],
            'slope' => ['nullable', 'numeric'],
            'part' => ['nullable', 'integer', 'between:0,99'],
            'underside' => ['nullable', 'string', 'max:100'],
            'grow' => ['nullable', 'string', 'max:10'],
            'tread' => ['nullable', 'string', 'max:100'],
            'headroom' => ['nullable', 'string', 'max:100'],
            'towards' => ['nullable', 'numeric'],
            'count' => ['nullable', 'integer', 'between:1,50'],
            'risers' => ['nullable', 'integer', 'between:1,40'],
            'across' => ['nullable', 'string', 'max:500'],
            'up' => ['nullable', 'string', 'max:500'],
            'stretches' => ['nullable', 'array', 'max:2000'],
            'crossings' => ['nullable', 'array', 'max:2000'],
            'rooms' => ['nullable', 'string', 'max:20000'],
            'name' => ['nullable', 'string', 'max:200'],
            'group' => ['nullable', 'string', 'max:100'],
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    public function sentAs(): ?string
    {
        return $this->filled('sent_as') ? $this->string('sent_as')->value() : null;
    }

    public function asked(): ActInput
    {
        return new ActInput([...$this->all(), ActInput::PERSON => $this->person()->name]);
    }

    public function person(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : throw new \LogicException('Nobody is signed in.');
    }
}
