<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Pages\Desk;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Http\Exceptions\HttpResponseException;

/** Answers with the desk again, the message beside the field, as 422, whether a script or a form asked. */
trait RefusedAtDesk
{
    protected function failedValidation(Validator $validator): never
    {
        $user = $this->user();
        $desk = $user instanceof User ? Desk::of($user->office) : throw new \LogicException('Nobody is signed in.');

        throw new HttpResponseException(
            response()->view('desk', ['desk' => $desk, ...$this->refusal($validator->errors()->first())], 422),
        );
    }

    /** @return array<string, mixed> what the page shows the message by */
    abstract protected function refusal(string $message): array;
}
