<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Heurema\Layout\Words\RoomUse;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What rooms are used for whose use a file does not tell, by their ids; empty: still not known. */
final class RoomUsesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'uses' => ['required', 'array', 'max:1000'],
            'uses.*' => ['nullable', Rule::enum(RoomUse::class)],
        ];
    }

    /** @return array<string, string> those that were chosen, by room */
    public function uses(): array
    {
        $uses = [];
        foreach ($this->array('uses') as $room => $use) {
            $uses += is_string($use) && $use !== '' ? [(string) $room => $use] : [];
        }

        return $uses;
    }
}
