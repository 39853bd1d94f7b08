<?php

declare(strict_types=1);

namespace App\Sheets;

use Illuminate\Contracts\Validation\ValidationRule;

/** Fields of a title block that can be read. */
final class ReadableFields implements ValidationRule
{
    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        try {
            SheetFields::read(is_string($value) ? $value : '');
        } catch (\InvalidArgumentException $e) {
            $fail($e->getMessage());
        }
    }
}
