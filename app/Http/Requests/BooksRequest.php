<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Examination\BookList;
use App\Examination\ChosenSettings;
use Heurema\Rulebook\RuleBookLibrary;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which rule books a project is to be held against, and what it chooses where they leave a choice. */
final class BooksRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(BookList $list): array
    {
        return [
            'books' => ['required', 'array', 'min:1'],
            'books.*' => ['string', 'distinct', Rule::in($list->ids())],
            'settings' => ['array', 'max:100'],
            'settings.*' => ['string', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'books.required' => __('Choose at least one rule book.'),
            'books.*.in' => __('There is no such rule book, or it cannot be read.'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(RuleBookLibrary $library): array
    {
        return [function (Validator $validator) use ($library): void {
            if ($validator->errors()->isEmpty()) {
                $this->checkSettings($validator, $library);
            }
        }];
    }

    /** @return list<string> */
    public function books(): array
    {
        return array_values(array_filter($this->collect('books')->all(), is_string(...)));
    }

    /**
     * What differs from what the chosen books take for granted.
     *
     * @return array<string, string>
     */
    public function settings(RuleBookLibrary $library): array
    {
        $chosen = [];
        $known = $this->chosen($library)->known();
        foreach ($this->typed() as $name => $value) {
            if (isset($known[$name]) && $value !== $known[$name]->written) {
                $chosen[$name] = $value;
            }
        }

        return $chosen;
    }

    private function checkSettings(Validator $validator, RuleBookLibrary $library): void
    {
        foreach ($this->settings($library) as $name => $value) {
            try {
                $this->chosen($library)->read([$name => $value]);
            } catch (\InvalidArgumentException $e) {
                $validator->errors()->add("settings.{$name}", $e->getMessage());
            }
        }
    }

    private function chosen(RuleBookLibrary $library): ChosenSettings
    {
        return new ChosenSettings(array_map($library->book(...), $this->books()));
    }

    /** @return array<string, string> */
    private function typed(): array
    {
        $typed = [];
        foreach ($this->collect('settings')->all() as $name => $value) {
            if (is_string($value) && trim($value) !== '') {
                $typed[(string) $name] = trim($value);
            }
        }

        return $typed;
    }
}
