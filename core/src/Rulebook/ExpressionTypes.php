<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Measure\Answer;
use Heurema\Units\Amount;
use Symfony\Component\ExpressionLanguage\Node\ArrayNode;
use Symfony\Component\ExpressionLanguage\Node\BinaryNode;
use Symfony\Component\ExpressionLanguage\Node\ConditionalNode;
use Symfony\Component\ExpressionLanguage\Node\ConstantNode;
use Symfony\Component\ExpressionLanguage\Node\GetAttrNode;
use Symfony\Component\ExpressionLanguage\Node\NameNode;
use Symfony\Component\ExpressionLanguage\Node\Node;
use Symfony\Component\ExpressionLanguage\Node\UnaryNode;

/** Finds out what kind of answer an expression gives, and refuses what cannot be held together. */
final readonly class ExpressionTypes
{
    /** @param array<string, Amount> $figures */
    public function __construct(private Vocabulary $vocabulary, private array $figures) {}

    /**
     * Null for a list of words.
     *
     * @throws UnreadableExpression
     */
    public function of(Node $node): ?Answer
    {
        return match (true) {
            $node instanceof ConstantNode => self::ofConstant($node),
            $node instanceof NameNode => $this->ofName(Tree::text($node, 'name')),
            $node instanceof GetAttrNode => $this->ofPath(Tree::path($node)),
            $node instanceof UnaryNode => $this->ofUnary($node),
            $node instanceof BinaryNode => $this->ofBinary($node),
            $node instanceof ConditionalNode => $this->ofConditional($node),
            $node instanceof ArrayNode => self::ofList($node),
            default => throw new UnreadableExpression('an expression may compare and compute, nothing else'),
        };
    }

    private static function ofList(ArrayNode $node): null
    {
        Tree::words($node);

        return null;
    }

    private static function ofConstant(ConstantNode $node): Answer
    {
        $value = $node->attributes['value'] ?? null;

        return match (true) {
            is_bool($value) => Answer::YesNo,
            is_string($value) => Answer::Word,
            is_int($value), is_float($value) => Answer::Count,
            default => throw new UnreadableExpression('expected a number, a word, true or false'),
        };
    }

    private function ofName(string $name): ?Answer
    {
        if (isset($this->figures[$name])) {
            return Answer::ofQuantity($this->figures[$name]->quantity);
        }
        if (isset($this->vocabulary->groups[$name])) {
            return null;
        }

        throw new UnreadableExpression("\"{$name}\" alone says nothing; expected a measure such as room.use");
    }

    private function ofPath(string $path): Answer
    {
        if (!str_starts_with($path, 'settings.')) {
            return $this->vocabulary->answer($path);
        }
        $name = substr($path, strlen('settings.'));
        $setting = $this->vocabulary->settings[$name] ?? throw new UnreadableExpression("the book has no setting \"{$name}\"");

        return $setting->answer();
    }

    private function ofUnary(UnaryNode $node): Answer
    {
        $inner = $this->of(Tree::part($node, 'node'));
        if (Tree::text($node, 'operator') === '-') {
            return $inner ?? throw new UnreadableExpression('a list has no sign');
        }
        $this->expect(Answer::YesNo, $inner);

        return Answer::YesNo;
    }

    private function ofBinary(BinaryNode $node): Answer
    {
        $operator = Tree::text($node, 'operator');
        $left = $this->of(Tree::part($node, 'left'));
        $right = $this->of(Tree::part($node, 'right'));
        switch ($operator) {
            case 'and': case 'or': case '&&': case '||':
                $this->expect(Answer::YesNo, $left);
                $this->expect(Answer::YesNo, $right);

                return Answer::YesNo;
            case 'in': case 'not in':
                $this->expect(Answer::Word, $left);
                $this->expect(null, $right);

                return Answer::YesNo;
            case '==': case '!=': case '<': case '<=': case '>': case '>=':
                $this->expect($left, $right);

                return Answer::YesNo;
            case '+': case '-':
                $this->expect($left, $right);

                return self::amount($left);
            case '*':
                return self::product(self::amount($left), self::amount($right));
            case '/':
                return self::quotient(self::amount($left), self::amount($right));
            default:
                throw new UnreadableExpression("the operator {$operator} is not known here");
        }
    }

    private function ofConditional(ConditionalNode $node): Answer
    {
        $this->expect(Answer::YesNo, $this->of(Tree::part($node, 'expr1')));
        $first = $this->of(Tree::part($node, 'expr2'));
        $this->expect($first, $this->of(Tree::part($node, 'expr3')));

        return $first ?? throw new UnreadableExpression('a choice between lists');
    }

    private static function amount(?Answer $answer): Answer
    {
        return $answer === null || $answer === Answer::YesNo || $answer === Answer::Word
            ? throw new UnreadableExpression('cannot compute with words')
            : $answer;
    }

    private static function product(Answer $left, Answer $right): Answer
    {
        return match (true) {
            in_array($left, [Answer::Count, Answer::Ratio], true) => $right,
            in_array($right, [Answer::Count, Answer::Ratio], true) => $left,
            $left === Answer::Length && $right === Answer::Length => Answer::Area,
            default => throw new UnreadableExpression('these two cannot be multiplied'),
        };
    }

    private static function quotient(Answer $left, Answer $right): Answer
    {
        return match (true) {
            $left === $right => Answer::Ratio,
            in_array($right, [Answer::Count, Answer::Ratio], true) => $left,
            default => throw new UnreadableExpression('these two cannot be divided'),
        };
    }

    private function expect(?Answer $expected, ?Answer $found): void
    {
        if ($expected !== $found) {
            throw new UnreadableExpression(sprintf('expected %s, found %s', self::word($expected), self::word($found)));
        }
    }

    private static function word(?Answer $answer): string
    {
        return $answer === null ? 'a list of words' : 'a '.strtolower((string) preg_replace('/(?<!^)([A-Z])/', ' or $1', $answer->name));
    }
}
