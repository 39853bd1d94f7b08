<?php

declare(strict_types=1);

namespace App\Http\Requests\Api;

use Heurema\Review\Verdict;
use Illuminate\Validation\Rule;

/** A home to be held against rule books, of which nothing is kept. */
final class CheckedHome extends HomeUpload
{
    /** @return array<string, list<mixed>> */
    protected function furtherRules(): array
    {
        return [
            'settings' => ['sometimes', 'array', 'max:100'],
            'settings.*' => ['string', 'max:100'],
            'only' => ['sometimes', 'array'],
            'only.*' => [Rule::enum(Verdict::class)],
        ];
    }

    /** @return array<string, string> as typed, by name */
    public function settings(): array
    {
        $settings = $this->validated('settings');

        return is_array($settings) ? array_filter($settings, static fn(mixed $value, mixed $name): bool
            => is_string($value) && is_string($name), ARRAY_FILTER_USE_BOTH) : [];
    }

    /** @return list<Verdict> empty: all */
    public function verdicts(): array
    {
        $verdicts = $this->validated('only');

        return array_map(Verdict::from(...), array_values(array_filter(is_array($verdicts) ? $verdicts : [], is_string(...))));
    }
}
