<?php

declare(strict_types=1);

namespace Heurema\Words;

use Heurema\Language\Language;
use Heurema\Language\Text;
use Heurema\Units\Amount;
use Heurema\Units\Notation;

/**
 * Makes sentences of messages, in a language and in the units of a home.
 *
 * In a sentence `{rise}` stands for a value: an amount as the notation writes it, a message said, a list with commas. `{angle:2}` is a
 * number with two decimals, `{limit|asked}` an amount in the units of what asks for it, those of the home beside, `{side|ucfirst}` begins
 * with a capital, `{found|clause}` is a sentence within another, `{parts|;}` is a list with semicolons, `{steps|space}` one without either.
 */
final readonly class Wording
{
    private const PLACE = '/\{(\w+)(?::(\d)|\|(ucfirst|lcfirst|clause|asked|;|space))?\}/';

    /**
     * @param array<string, string> $sentences by key
     * @param Notation|null         $asks      how what asks for something writes, where it does so in other units
     */
    public function __construct(private Notation $notation, private array $sentences, private ?Notation $asks = null) {}

    public static function english(Notation $notation): self
    {
        return self::in(Language::English, $notation);
    }

    public static function in(Language $language, Notation $notation, ?Notation $asks = null): self
    {
        return new self($notation, self::sentences($language), $asks);
    }

    /** @return array<string, string> by key; what was said once and is not any more stays English */
    private static function sentences(Language $language): array
    {
        /** @var array<string, string> $now */
        $now = require __DIR__."/{$language->value}.php";
        /** @var array<string, string> $past */
        $past = require __DIR__.'/past.php';

        return $now + $past;
    }

    /** What is text already stays as it is. */
    public function say(Message|Amount|string $said): string
    {
        return match (true) {
            $said instanceof Message => $this->sentence($said),
            $said instanceof Amount => $this->notation->write($said),
            default => $said,
        };
    }

    /**
     * @param list<Message> $messages
     *
     * @return list<string>
     */
    public function all(array $messages): array
    {
        return array_map($this->say(...), $messages);
    }

    private function sentence(Message $message): string
    {
        $sentence = $this->sentences[$message->key] ?? throw new \LogicException("There is no sentence {$message->key}.");

        return (string) preg_replace_callback(
            self::PLACE,
            fn(array $place): string => $this->value($message, $place[1], $place[2] ?? '', $place[3] ?? ''),
            $sentence,
        );
    }

    private function value(Message $message, string $name, string $decimals, string $form): string
    {
        $value = $message->values[$name] ?? throw new \LogicException("{$message->key} is said without {$name}.");
        if ($decimals !== '') {
            return number_format(is_numeric($value) ? (float) $value : 0.0, (int) $decimals, Text::language()->decimalMark(), '');
        }
        $separator = ['' => ', ', ';' => '; ', 'space' => ' '][$form] ?? ', ';
        $said = match (true) {
            is_array($value) => implode(
                $separator,
                array_map(fn(Message|Amount|string|int $one): string => is_int($one) ? (string) $one : $this->say($one), $value),
            ),
            is_int($value), is_float($value) => (string) $value,
            default => $this->say($value),
        };

        return match ($form) {
            'ucfirst' => Text::capital($said),
            'asked' => $value instanceof Amount ? $this->asked($value) : $said,
            'lcfirst' => Text::small($said),
            'clause' => rtrim(Text::small($said), '.'),
            default => $said,
        };
    }

    private function asked(Amount $amount): string
    {
        $own = $this->notation->write($amount);
        $asked = $this->asks === null ? $own : $this->asks->write($amount);

        return $asked === $own ? $own : "{$asked} ({$own})";
    }
}
