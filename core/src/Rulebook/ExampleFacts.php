<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Rulebook\Language\Facts;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** The facts that an example states; everything else is unknown. An amount stated as `none` makes no sense of the subject. */
final readonly class ExampleFacts implements Facts
{
    /**
     * @param array<string, string|bool|float|int>                       $facts
     * @param array<string, list<array<string, string|bool|float|int>>> $related
     * @param array<string, string|bool|float|int>                       $settings
     */
    public function __construct(
        private Vocabulary $vocabulary,
        private array $facts,
        private array $related = [],
        private array $settings = [],
    ) {}

    public static function of(Example $example, Vocabulary $vocabulary): self
    {
        return new self($vocabulary, $example->facts, $example->related, $example->settings);
    }

    public function id(): string
    {
        return '';
    }

    public function name(): string
    {
        return 'the example';
    }

    public function measure(string $measure, Parameters $with): Measurement
    {
        $stated = $this->facts[$measure] ?? null;

        $answer = $this->vocabulary->answer($measure);
        if ($stated === 'none' && $answer !== AnswerType::Word) {
            return new NotApplicable(Message::of('rulebook.there_is_none'));
        }

        return $stated === null ? new Unknown([$measure]) : new Measured(self::value($stated, $answer));
    }

    public function related(string $relation): array
    {
        return array_map(
            fn(array $facts): self => new self($this->vocabulary, $facts, [], $this->settings),
            $this->related[$relation] ?? [],
        );
    }

    public function setting(string $name): Amount|bool|string
    {
        $setting = $this->vocabulary->settings[$name];

        return isset($this->settings[$name]) ? self::value($this->settings[$name], $setting->answer()) : $setting->default;
    }

    private static function value(string|bool|float|int $stated, AnswerType $answer): Amount|bool|string
    {
        if (is_bool($stated)) {
            return $stated;
        }
        if ($answer === AnswerType::Word) {
            return (string) $stated;
        }

        return Figure::read((string) $stated)->amount
            ?? throw new UnreadableExpression(Text::of('"{text}" is no figure', text: (string) $stated));
    }
}
