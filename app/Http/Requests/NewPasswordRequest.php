<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Security\UncommonPassword;
use Illuminate\Foundation\Http\FormRequest;

/** A new password, by a link that came by mail. */
final class NewPasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'token' => ['required', 'string', 'max:255'],
            'email' => ['required', 'email', 'max:255'],
            'password' => ['required', 'confirmed', 'max:255', new UncommonPassword([$this->string('email')->value()])],
        ];
    }
}
