<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Spatial\Subject\SubjectType;

/** What a class measures; one that measures under several names says so for each. */
#[\Attribute(\Attribute::TARGET_CLASS | \Attribute::IS_REPEATABLE)]
final readonly class Measures
{
    /**
     * @param string                                                     $name  the subject type, a dot and the quantity: `room.floor_area`
     * @param string                                                     $tells a sentence for those who write rule books; names in it as
     *                                                                          they stand there
     * @param array<string, AnswerType>                                  $with  the parameters it takes, all of them optional unless the
     *                                                                          sentence says otherwise
     * @param array<string, list<string|class-string<\BackedEnum>>>      $words what its answer (Measure::ANSWER) and its parameters by name
     *                                                                          may be, where they are
     *                                                                          words; an enum stands for all its cases; what is left out
     *                                                                          may be any
     */
    public function __construct(
        public string $name,
        public AnswerType $answer,
        public string $tells,
        public array $with = [],
        private array $words = [],
    ) {}

    public function subject(): SubjectType
    {
        return SubjectType::from((string) strstr($this->name, '.', true));
    }

    /** @return array<string, list<string>> */
    public function words(): array
    {
        return array_map(
            static fn(array $words): array => array_merge(...array_map(
                static fn(string $word): array => is_a($word, \BackedEnum::class, true)
                    ? array_map(static fn(\BackedEnum $case): string => (string) $case->value, $word::cases())
                    : [$word],
                $words,
            )),
            $this->words,
        );
    }

    /**
     * @param class-string $class
     *
     * @return array<string, self> what it measures, by name
     */
    public static function on(string $class): array
    {
        static $known = [];
        /** @var array<class-string, array<string, self>> $known */
        if (!isset($known[$class])) {
            $found = array_map(
                static fn(\ReflectionAttribute $attribute): self => $attribute->newInstance(),
                (new \ReflectionClass($class))->getAttributes(self::class),
            );
            $known[$class] = array_combine(array_column($found, 'name'), $found);
        }

        return $known[$class];
    }
}
