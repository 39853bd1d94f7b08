<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Board\ActInput;
use App\Board\AskedKitchen;
use App\Models\User;
use Heurema\Kitchen\Anchor;
use Heurema\Kitchen\CornerKind;
use Heurema\Kitchen\FillerPlace;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a kitchen is asked to hold, where, and in what units; and which of the plans is meant. */
final class KitchenRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => [$this->isMethod('post') ? 'required' : 'nullable', 'integer', 'min:1'],
            'room' => ['nullable', 'string', 'max:80'],
            'walls' => ['nullable', 'array', 'max:20'],
            'walls.*' => ['string', 'max:40'],
            'kinds' => ['nullable', 'array', 'max:'.AskedKitchen::MOST],
            'kinds.*' => ['nullable', 'string', 'max:40'],
            'widths' => ['nullable', 'array', 'max:'.AskedKitchen::MOST],
            'widths.*' => ['nullable', 'string', 'max:40'],
            'places' => ['nullable', 'array', 'max:'.AskedKitchen::MOST],
            'places.*' => ['nullable', Rule::enum(Anchor::class)],
            'from' => ['nullable', 'string', 'max:40'],
            'to' => ['nullable', 'string', 'max:40'],
            'island' => ['nullable', 'boolean'],
            'aisle' => ['nullable', 'string', 'max:40'],
            'length' => ['nullable', 'string', 'max:40'],
            'least' => ['nullable', 'string', 'max:40'],
            'greatest' => ['nullable', 'string', 'max:40'],
            'step' => ['nullable', 'string', 'max:40'],
            'beside' => ['nullable', 'string', 'max:40'],
            'filler' => ['nullable', 'string', 'max:40'],
            'fillers' => ['nullable', Rule::enum(FillerPlace::class)],
            'corner' => ['nullable', Rule::enum(CornerKind::class)],
            'hung' => ['nullable', 'boolean'],
            'glass' => ['nullable', 'boolean'],
            'deep' => ['nullable', 'boolean'],
            'over_fronts' => ['nullable', 'string', 'max:40'],
            'over_ends' => ['nullable', 'string', 'max:40'],
            'upstand' => ['nullable', 'string', 'max:40'],
            'one_piece' => ['nullable', 'boolean'],
            'number' => ['nullable', 'integer', 'between:0,999'],
        ];
    }

    public function asked(): ActInput
    {
        return new ActInput($this->safe()->all());
    }

    public function person(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : throw new \LogicException('Nobody is signed in.');
    }
}
