<?php

declare(strict_types=1);

namespace App\Http\Requests\Api;

/** A home that is handed in, as a project or as the next revision of a scheme. */
final class HandedInHome extends HomeUpload
{
    /** @return array<string, list<mixed>> */
    protected function furtherRules(): array
    {
        return [
            'address' => ['sometimes', 'string', 'max:200'],
            'answer' => ['sometimes', 'string', 'max:4000'],
            'after' => ['sometimes', 'integer', 'min:0'],
        ];
    }

    public function address(): ?string
    {
        return $this->text('address');
    }

    /** What is said to the letter before. */
    public function answer(): ?string
    {
        return $this->text('answer');
    }

    /** The number of the revision that it follows, 0: of none; null: of whichever is the last. */
    public function follows(): ?int
    {
        $after = $this->validated('after');

        return is_numeric($after) ? (int) $after : null;
    }

    private function text(string $key): ?string
    {
        $text = $this->validated($key);

        return is_string($text) && trim($text) !== '' ? trim($text) : null;
    }
}
