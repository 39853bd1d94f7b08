<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Pages\Desk;
use Heurema\Layout\Intake\RoomArrangement;
use Heurema\Layout\Intake\RoomList;
use Heurema\Layout\Intake\UnreadableRoomList;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Units\UnitSystem;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Validation\Rule;

/** A home that begins on the board: from listed rooms, or empty. */
final class NewDrawing extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'units' => ['required', Rule::enum(UnitSystem::class)],
            'between' => ['required', 'in:faces,middles'],
            'rooms' => ['nullable', 'string', 'max:20000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Give the home a name.'];
    }

    /** @throws UnreadableRoomList */
    public function layout(): Layout
    {
        $units = UnitSystem::from($this->string('units')->value());
        $name = $this->string('name')->trim()->value();
        $rooms = $this->string('rooms')->trim()->value();
        $isImperial = $units === UnitSystem::Imperial;
        if ($rooms === '') {
            $storey = new Storey('G', 'Ground floor', 0.0, $isImperial ? 2438.4 : 2500.0, $isImperial ? 304.8 : 300.0);

            return new Layout($name, $units, null, null, [$storey]);
        }
        $arrangement = new RoomArrangement($units, $isImperial ? 165.1 : 240.0, $isImperial ? 114.3 : 100.0, $this->string('between')->value() === 'middles');

        return $arrangement->layout($name, (new RoomList($units))->read($rooms));
    }

    protected function failedValidation(Validator $validator): never
    {
        $user = $this->user();
        $desk = $user instanceof User ? Desk::of($user->office) : throw new \LogicException('Nobody is signed in.');

        throw new HttpResponseException(response()->view('desk', ['desk' => $desk, 'refusedDrawing' => [$validator->errors()->first()]], 422));
    }
}
