<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Security\TokenAbility;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** A token for a program: what it is for, what it may do, and until when. */
final class TokenRequest extends FormRequest
{
    /** How long a token may last, days. */
    public const DAYS = [30, 90, 365];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:100'],
            'ability' => ['required', Rule::enum(TokenAbility::class)],
            'days' => ['required', Rule::in(self::DAYS)],
            'current' => ['required', 'current_password'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => __('Say what the token is for.'), 'current.current_password' => __('This is not your password.')];
    }

    public function ability(): TokenAbility
    {
        return TokenAbility::from($this->string('ability')->value());
    }

    public function until(): Carbon
    {
        return now()->addDays($this->integer('days'));
    }

    /** Other forms of the page have a password field as well. */
    protected function prepareForValidation(): void
    {
        $this->errorBag = 'token';
    }
}
