<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Spatial\Home;
use Heurema\Spatial\HungSoffit;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * A measure that only reads what was drawn or said.
 *
 * @template T of Subject
 *
 * @extends SubjectMeasure<T>
 */
final class Attribute extends SubjectMeasure
{
    /**
     * @param string                                              $called the subject type, a dot and what is said
     * @param string                                              $tells a sentence for those who write rule books
     * @param \Closure(T): (Amount|bool|string|\BackedEnum|null)  $read  null: nobody said
     * @param \Closure(T): list<string>|null                      $lacks what is missing then; the name's second half on the subject when
     *                     left out
     * @param list<string|class-string<\BackedEnum>>              $words that it may be; empty: any
     */
    public function __construct(
        private readonly string $called,
        private readonly AnswerType $answer,
        private readonly string $tells,
        private readonly \Closure $read,
        private readonly ?\Closure $lacks = null,
        private readonly array $words = [],
    ) {
        parent::__construct();
    }

    protected function defined(): Measures
    {
        return new Measures($this->called, $this->answer, $this->tells, words: $this->words === [] ? [] : [self::ANSWER => $this->words]);
    }

    /** @return list<Witness> */
    private static function mark(Subject $subject, Amount $text): array
    {
        $at = match (true) {
            $subject instanceof PlacedFixture => $subject->fixture->at,
            $subject instanceof PlacedOpening, $subject instanceof HungSoffit => $subject->middle(),
            $subject instanceof RoomSpace => $subject->room->at,
            default => null,
        };

        return $at === null ? [] : [Witness::mark($subject->storey(), $at, $text)];
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $value = ($this->read)($subject);
        if ($value === null) {
            return new Unknown($this->lacks === null ? [$subject->id().strstr($this->called, '.')] : ($this->lacks)($subject));
        }

        return $value instanceof Amount
            ? new Measured($value, self::mark($subject, $value), [Message::of('attribute.drawn_as', value: $value)])
            : new Measured($value instanceof \BackedEnum ? (string) $value->value : $value);
    }
}
