<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What is said on the board to an item of the letter that is out. */
final class ItemAnswerRequest extends BoardRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [...parent::rules(), 'item' => ['required', 'string', 'max:200'], 'words' => ['nullable', 'string', 'max:4000']];
    }

    public function item(): string
    {
        return $this->string('item')->value();
    }

    public function words(): string
    {
        return $this->string('words')->trim()->value();
    }
}
