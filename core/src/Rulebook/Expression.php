<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;
use Heurema\Measure\AnswerType;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Unknown;
use Heurema\Rulebook\Language\Evaluation;
use Heurema\Rulebook\Language\Facts;
use Heurema\Rulebook\Language\Speech;
use Heurema\Rulebook\Language\Term;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Units\MetricNotation;
use Heurema\Units\Notation;
use Heurema\Words\Wording;
use Symfony\Component\ExpressionLanguage\Lexer;
use Symfony\Component\ExpressionLanguage\Parser;
use Symfony\Component\ExpressionLanguage\SyntaxError;

/**
 * A condition or a computed limit of a rule, read and checked once, evaluated for every subject.
 *
 * It may use measures (`room.use`), settings (`settings.climate`), groups by name, figures with their units, `and or not
 * == != < <= > >= in`, `? :` and plain arithmetic. It can call nothing.
 */
final readonly class Expression implements Limit
{
    private const LONGEST = 500;

    private function __construct(
        private string $text,
        private AnswerType $answer,
        private Term $term,
        private bool $isFigure,
        private bool $inInches,
        private ?Amount $constant,
    ) {}

    /** @throws UnreadableExpression */
    public static function read(string $text, Vocabulary $vocabulary): self
    {
        if (strlen($text) > self::LONGEST) {
            throw new UnreadableExpression(Text::of('an expression is at most {most} characters long', most: self::LONGEST));
        }
        $text = Figure::plainly($text);
        $figure = Figure::read($text);
        $figures = [];
        $inInches = true;
        $plain = preg_replace_callback('/(?<![\w.\/])(?:'.Figure::PATTERN
            .')/', static function (array $found) use (&$figures, &$inInches): string {
                $name = 'figure_'.count($figures);
                $read = Figure::read($found[0]) ?? throw new UnreadableExpression(Text::of('"{text}" is no figure', text: $found[0]));
                $figures[$name] = $read->amount;
                $inInches = $inInches && $read->inInches;

                return $name;
            }, $text);
        $plain = preg_replace('/\b(figure_\d+)\s+of\s+/', '$1 * ', (string) $plain);
        try {
            $names = [
                ...array_keys($figures),
                ...array_keys($vocabulary->groups),
                'settings',
                ...array_map(static fn(SubjectType $type): string => $type->value, SubjectType::cases()),
            ];
            $tree = (new Parser([]))->parse((new Lexer())->tokenize((string) $plain), $names);
        } catch (SyntaxError $e) {
            throw new UnreadableExpression(Text::of(
                'cannot read "{text}": {why} Figures have the units {units}.',
                text: $text,
                why: $e->getMessage(),
                units: Figure::UNITS,
            ));
        }
        $term = (new TermReader($vocabulary, $figures))->read($tree);

        $constant = $term->isConstant() ? $term->value(new Evaluation(new NoFacts())) : null;

        return new self(
            $text,
            $term->answer() ?? throw new UnreadableExpression(Text::of('"{text}" is a list', text: $text)),
            $term,
            $figure !== null,
            $inInches,
            $constant instanceof Amount ? $constant : null,
        );
    }

    public function answer(): AnswerType
    {
        return $this->answer;
    }

    public function text(): string
    {
        return $this->text;
    }

    public function isFigure(): bool
    {
        return $this->isFigure;
    }

    /** What it comes to where it hangs on nothing measured or chosen; null where it does. */
    public function constant(): ?Amount
    {
        return $this->constant;
    }

    public function inInches(): bool
    {
        return $this->inInches;
    }

    public function words(Facts $facts, Notation $notation): string
    {
        return (new Speech($notation, new Evaluation($facts)))->of($this->term);
    }

    /** Three-valued: Unknown as soon as the answer hangs on something that is not known. What makes no sense of the subject is not so. */
    public function evaluate(Facts $facts): ExpressionResult
    {
        $evaluation = new Evaluation($facts);
        $value = $this->term->value($evaluation);
        if (is_array($value)) {
            throw new \LogicException('A list is no answer.');
        }
        if ($value instanceof NotApplicable) {
            $value = $this->answer === AnswerType::YesNo
                ? false
                : new Unknown([Wording::english(new MetricNotation())->say($value->reason)]);
        }

        return new ExpressionResult($value, $evaluation->assumptions(), $evaluation->values());
    }
}
