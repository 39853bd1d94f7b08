<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Security\UncommonPassword;
use Illuminate\Foundation\Http\FormRequest;

/** Another password, by whoever knows the one before. */
final class PasswordChangeRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'current' => ['required', 'current_password'],
            'password' => [
                'required',
                'confirmed',
                'max:255',
                new UncommonPassword($this->user() instanceof User ? [$this->user()->name, $this->user()->email] : []),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['current.current_password' => __('This is not your password.')];
    }
}
