<?php

declare(strict_types=1);

namespace App\Examination;

use Heurema\Measure\AnswerType;
use Heurema\Rulebook\Figure;
use Heurema\Rulebook\Language\Setting;
use Heurema\Rulebook\RuleBook;
use Heurema\Units\Amount;

/** What a project chooses where its books leave it a choice, typed as text and read as the books understand it. */
final readonly class ChosenSettings
{
    /** @param list<RuleBook> $books */
    public function __construct(private array $books) {}

    /** @return array<string, Setting> all that may be chosen, by name */
    public function known(): array
    {
        return array_merge(...array_map(static fn(RuleBook $book): array => $book->vocabulary->settings, array_reverse($this->books)));
    }

    /**
     * @param array<string, string> $typed by name
     *
     * @return array<string, Amount|bool|string>
     *
     * @throws \InvalidArgumentException with a sentence for whoever typed it
     */
    public function read(array $typed): array
    {
        $known = $this->known();
        $settings = [];
        foreach ($typed as $name => $value) {
            $setting = $known[$name] ?? throw new \InvalidArgumentException(__('The books have no setting ":name".', ['name' => $name]));
            $settings[$name] = self::value($setting, trim($value));
        }

        return $settings;
    }

    private static function value(Setting $setting, string $value): Amount|bool|string
    {
        return match ($setting->answer()) {
            AnswerType::YesNo => filter_var($value, FILTER_VALIDATE_BOOLEAN, FILTER_NULL_ON_FAILURE)
                ?? throw new \InvalidArgumentException(__(':name is true or false.', ['name' => $setting->name])),
            AnswerType::Word => self::word($setting, $value),
            default => self::amount($setting, $value),
        };
    }

    private static function word(Setting $setting, string $value): string
    {
        return $setting->words === [] || in_array($value, $setting->words, true)
            ? $value
            : throw new \InvalidArgumentException(__(':name is one of :words.', [
                'name' => $setting->name,
                'words' => implode(', ', $setting->words),
            ]));
    }

    private static function amount(Setting $setting, string $value): Amount
    {
        $amount = Figure::read($value)->amount ?? null;

        return $amount !== null && AnswerType::ofQuantity($amount->quantity) === $setting->answer()
            ? $amount
            : throw new \InvalidArgumentException(__(':name is an amount with its unit, such as :written.', [
                'name' => $setting->name,
                'written' => $setting->written,
            ]));
    }
}
