<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Invitation;
use App\Security\UncommonPassword;
use Illuminate\Foundation\Http\FormRequest;

/** Somebody who was invited says his name and chooses a password. */
final class JoinRequest extends FormRequest
{
    private ?Invitation $invitation = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'password' => [
                'required',
                'confirmed',
                'max:255',
                new UncommonPassword([$this->string('name')->value(), $this->invitation()->email, $this->invitation()->office->name]),
            ],
        ];
    }

    /** The one that the address names; 404 when it is not open. */
    public function invitation(): Invitation
    {
        $token = $this->route('token');

        return $this->invitation ??= Invitation::open(is_string($token) ? $token : '') ?? abort(404);
    }
}
