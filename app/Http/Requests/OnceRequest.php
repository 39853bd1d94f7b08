<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Middleware\DoneOnce;
use Illuminate\Foundation\Http\FormRequest;

/** What is pressed, with nothing filled in: done once, however often it is sent. */
final class OnceRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [DoneOnce::FIELD => ['nullable', 'string', 'max:40']];
    }

    /** Empty where it was sent without a key. */
    public function key(): string
    {
        return $this->string(DoneOnce::FIELD)->value();
    }
}
