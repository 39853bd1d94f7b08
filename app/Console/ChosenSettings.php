<?php

declare(strict_types=1);

namespace App\Console;

use Heurema\Measure\Answer;
use Heurema\Rulebook\Figure;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\Setting;
use Heurema\Units\Amount;

/** Settings typed as NAME=VALUE, read as the books understand them. */
final readonly class ChosenSettings
{
    /** @param list<RuleBook> $books */
    public function __construct(private array $books) {}

    /**
     * @param list<string> $typed
     *
     * @return array<string, Amount|bool|string>
     *
     * @throws \InvalidArgumentException
     */
    public function read(array $typed): array
    {
        $settings = [];
        foreach ($typed as $text) {
            [$name, $value] = [...explode('=', $text, 2), ''];
            $settings[$name] = self::value($this->setting($name), $value);
        }

        return $settings;
    }

    private function setting(string $name): Setting
    {
        foreach ($this->books as $book) {
            if (isset($book->vocabulary->settings[$name])) {
                return $book->vocabulary->settings[$name];
            }
        }

        throw new \InvalidArgumentException("The books have no setting \"{$name}\".");
    }

    private static function value(Setting $setting, string $value): Amount|bool|string
    {
        return match ($setting->answer()) {
            Answer::YesNo => filter_var($value, FILTER_VALIDATE_BOOLEAN, FILTER_NULL_ON_FAILURE) ?? throw new \InvalidArgumentException("{$setting->name} is true or false."),
            Answer::Word => $value,
            default => Figure::read($value)->amount ?? throw new \InvalidArgumentException("{$setting->name} is an amount with its unit."),
        };
    }
}
