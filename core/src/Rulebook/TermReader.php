<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measure;
use Heurema\Rulebook\Language\Calculation;
use Heurema\Rulebook\Language\Choice;
use Heurema\Rulebook\Language\Chosen;
use Heurema\Rulebook\Language\Connection;
use Heurema\Rulebook\Language\Constant;
use Heurema\Rulebook\Language\Evaluation;
use Heurema\Rulebook\Language\Fact;
use Heurema\Rulebook\Language\Membership;
use Heurema\Rulebook\Language\Negation;
use Heurema\Rulebook\Language\Relation;
use Heurema\Rulebook\Language\Term;
use Heurema\Units\Amount;
use Heurema\Units\Quantity;
use Symfony\Component\ExpressionLanguage\Node\ArrayNode;
use Symfony\Component\ExpressionLanguage\Node\BinaryNode;
use Symfony\Component\ExpressionLanguage\Node\ConditionalNode;
use Symfony\Component\ExpressionLanguage\Node\ConstantNode;
use Symfony\Component\ExpressionLanguage\Node\GetAttrNode;
use Symfony\Component\ExpressionLanguage\Node\NameNode;
use Symfony\Component\ExpressionLanguage\Node\Node;
use Symfony\Component\ExpressionLanguage\Node\UnaryNode;

/** Makes terms of a parsed expression, and refuses what cannot be held together. */
final readonly class TermReader
{
    /** @param array<string, Amount> $figures the amounts in the text, by the name that stands for each in the tree */
    public function __construct(private Vocabulary $vocabulary, private array $figures) {}

    /** @throws UnreadableExpression */
    public function read(Node $node): Term
    {
        return match (true) {
            $node instanceof ConstantNode => self::constant($node),
            $node instanceof NameNode => $this->named(ExpressionTree::text($node, 'name')),
            $node instanceof GetAttrNode => $this->path(ExpressionTree::path($node)),
            $node instanceof UnaryNode => $this->unary($node),
            $node instanceof BinaryNode => $this->binary($node),
            $node instanceof ConditionalNode => $this->choice($node),
            $node instanceof ArrayNode => new Constant(ExpressionTree::words($node)),
            default => throw new UnreadableExpression(Text::of('an expression may compare and compute, nothing else')),
        };
    }

    private static function constant(ConstantNode $node): Constant
    {
        $value = $node->attributes['value'] ?? null;

        return new Constant(match (true) {
            is_bool($value), is_string($value) => $value,
            is_int($value), is_float($value) => Amount::of(Quantity::Count, (float) $value),
            default => throw new UnreadableExpression(Text::of('expected a number, a word, true or false')),
        });
    }

    private function named(string $name): Constant
    {
        $value = $this->figures[$name] ?? $this->vocabulary->groups[$name] ?? null;

        return new Constant(
            $value ?? throw new UnreadableExpression(
                Text::of('"{word}" alone says nothing; expected a measure such as room.use', word: $name),
            ),
        );
    }

    private function path(string $path): Term
    {
        if (!str_starts_with($path, 'settings.')) {
            return new Fact($path, $this->vocabulary->answer($path), $this->vocabulary->measure($path)?->words()[Measure::ANSWER] ?? []);
        }
        $name = substr($path, strlen('settings.'));

        return new Chosen($this->vocabulary->settings[$name] ?? throw new UnreadableExpression(
            Text::of('the book has no setting "{name}"', name: $name),
        ));
    }

    private function unary(UnaryNode $node): Term
    {
        $inner = $this->part($node, 'node');
        $operator = ExpressionTree::text($node, 'operator');
        if (in_array($operator, ['not', '!'], true)) {
            $this->expect(AnswerType::YesNo, $inner->answer());

            return new Negation($inner);
        }
        $answer = self::amount($inner->answer());

        return $operator === '-' ? new Calculation('*', new Constant(Amount::count(-1)), $inner, $answer) : $inner;
    }

    private function binary(BinaryNode $node): Term
    {
        $operator = ExpressionTree::text($node, 'operator');
        [$left, $right] = [$this->part($node, 'left'), $this->part($node, 'right')];
        switch ($operator) {
            case 'and': case 'or': case '&&': case '||':
                $this->expect(AnswerType::YesNo, $left->answer());
                $this->expect(AnswerType::YesNo, $right->answer());

                return new Connection(in_array($operator, ['or', '||'], true), $left, $right);
            case 'in': case 'not in':
                $this->expect(AnswerType::Word, $left->answer());
                $words = $right instanceof Constant && is_array($right->value)
                    ? $right->value
                    : throw new UnreadableExpression(Text::of('expected a list of words'));

                self::checkWords($left, $words);

                return new Membership($operator === 'in', $left, $words);
            case '==': case '!=':
                $this->expect(
                    $left->answer() ?? throw new UnreadableExpression(Text::of('a list is held against nothing; a word is in it')),
                    $right->answer(),
                );

                self::checkWords($left, $right instanceof Constant && is_string($right->value) ? [$right->value] : []);
                self::checkWords($right, $left instanceof Constant && is_string($left->value) ? [$left->value] : []);

                return new Relation($operator, $left, $right);
            case '<': case '<=': case '>': case '>=':
                $this->expect($left->answer(), $right->answer());
                self::amount($left->answer());

                return new Relation($operator, $left, $right);
            case '+': case '-':
                $this->expect($left->answer(), $right->answer());

                return new Calculation($operator, $left, $right, self::amount($left->answer()));
            case '*':
                return new Calculation(
                    $operator,
                    $left,
                    $right,
                    self::product(self::amount($left->answer()), self::amount($right->answer())),
                );
            case '/':
                if ($right->isConstant() && self::isZero($right)) {
                    throw new UnreadableExpression(Text::of('nothing can be divided by 0'));
                }

                return new Calculation(
                    $operator,
                    $left,
                    $right,
                    self::quotient(self::amount($left->answer()), self::amount($right->answer())),
                );
            default:
                throw new UnreadableExpression(Text::of('the operator {operator} is not known here', operator: $operator));
        }
    }

    private static function isZero(Term $constant): bool
    {
        $value = $constant->value(new Evaluation(new NoFacts()));

        return $value instanceof Amount && $value->number === 0.0;
    }

    /**
     * @param list<string> $words that a term is held against
     *
     * @throws UnreadableExpression when it can never be one of them
     */
    private static function checkWords(Term $term, array $words): void
    {
        [$known, $what] = match (true) {
            $term instanceof Fact => [$term->words, $term->measure],
            $term instanceof Chosen => [$term->setting->words, Text::of('the setting {name}', name: $term->setting->name)],
            default => [[], ''],
        };
        foreach ($words as $word) {
            KnownWords::check($word, $known, $what);
        }
    }

    private function choice(ConditionalNode $node): Choice
    {
        [$condition, $then, $else] = [$this->part($node, 'expr1'), $this->part($node, 'expr2'), $this->part($node, 'expr3')];
        $this->expect(AnswerType::YesNo, $condition->answer());
        $this->expect($then->answer(), $else->answer());

        return new Choice($condition, $then, $else, $then->answer() ?? throw new UnreadableExpression(Text::of('a choice between lists')));
    }

    private function part(Node $node, string $name): Term
    {
        return $this->read(ExpressionTree::part($node, $name));
    }

    private static function amount(?AnswerType $answer): AnswerType
    {
        return $answer === null || $answer === AnswerType::YesNo || $answer === AnswerType::Word
            ? throw new UnreadableExpression(Text::of('words have no size'))
            : $answer;
    }

    private static function product(AnswerType $left, AnswerType $right): AnswerType
    {
        return AnswerType::ofQuantity(
            $left->quantity()->times($right->quantity()) ?? throw new UnreadableExpression(Text::of('these two cannot be multiplied')),
        );
    }

    private static function quotient(AnswerType $left, AnswerType $right): AnswerType
    {
        return AnswerType::ofQuantity(
            $left->quantity()->dividedBy($right->quantity()) ?? throw new UnreadableExpression(Text::of('these two cannot be divided')),
        );
    }

    private function expect(?AnswerType $expected, ?AnswerType $found): void
    {
        if ($expected !== $found) {
            throw new UnreadableExpression(Text::of(
                'expected {kind}, found {other}',
                kind: $expected?->words() ?? Text::of('a list of words'),
                other: $found?->words() ?? Text::of('a list of words'),
            ));
        }
    }
}
