<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
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

/** One expression on its way to an answer for one subject: Kleene's logic, exact amounts. */
final class Evaluation
{
    private const SUMS = ['+', '-', '*', '/'];

    /** @var array<string, true> */
    private array $assumptions = [];

    /** @var array<string, Amount> */
    private array $values = [];

    /** @param array<string, Amount> $figures */
    public function __construct(private readonly Facts $facts, private readonly array $figures, private readonly Vocabulary $vocabulary) {}

    /** @return list<string> */
    public function assumptions(): array
    {
        return array_keys($this->assumptions);
    }

    /** @return array<string, Amount> */
    public function values(): array
    {
        return $this->values;
    }

    /** @return Amount|bool|string|list<string>|Unknown|NotApplicable */
    public function of(Node $node): Amount|bool|string|array|Unknown|NotApplicable
    {
        return match (true) {
            $node instanceof ConstantNode => self::constant($node->attributes['value'] ?? null),
            $node instanceof NameNode => $this->named(Tree::text($node, 'name')),
            $node instanceof GetAttrNode => $this->path(Tree::path($node)),
            $node instanceof UnaryNode => $this->unary($node),
            $node instanceof BinaryNode => $this->binary($node),
            $node instanceof ConditionalNode => $this->conditional($node),
            $node instanceof ArrayNode => Tree::words($node),
            default => throw new \LogicException('A kind of expression that was refused when it was read.'),
        };
    }

    private static function constant(mixed $value): Amount|bool|string
    {
        return match (true) {
            is_bool($value), is_string($value) => $value,
            is_int($value), is_float($value) => new Amount(Quantity::Count, (float) $value),
            default => throw new \LogicException('A constant that was refused when it was read.'),
        };
    }

    /** @return Amount|list<string> */
    private function named(string $name): Amount|array
    {
        return $this->figures[$name] ?? $this->vocabulary->groups[$name];
    }

    private function path(string $path): Amount|bool|string|Unknown|NotApplicable
    {
        if (str_starts_with($path, 'settings.')) {
            $name = substr($path, strlen('settings.'));
            $value = $this->facts->setting($name);
            if ($value === $this->vocabulary->settings[$name]->default) {
                $this->assumptions[$this->vocabulary->settings[$name]->title] = true;
            }

            return $value;
        }
        $measurement = $this->facts->measure($path, new Parameters());
        if ($measurement instanceof Measured) {
            $this->assumptions += array_fill_keys($measurement->assumptions, true);
            if ($measurement->value instanceof Amount) {
                $this->values[$path] = $measurement->value;
            }

            return $measurement->value;
        }

        return $measurement instanceof Unknown || $measurement instanceof NotApplicable ? $measurement : new Unknown([$path]);
    }

    private function unary(UnaryNode $node): Amount|bool|Unknown|NotApplicable
    {
        $value = $this->of(Tree::part($node, 'node'));

        return match (true) {
            $value instanceof Unknown => $value,
            $value instanceof NotApplicable && Tree::text($node, 'operator') === '-' => $value,
            $value instanceof Amount => new Amount($value->quantity, -$value->number),
            default => $value !== true,
        };
    }

    private function binary(BinaryNode $node): Amount|bool|Unknown|NotApplicable
    {
        $operator = Tree::text($node, 'operator');
        $left = $this->of(Tree::part($node, 'left'));
        if (in_array($operator, ['and', '&&', 'or', '||'], true)) {
            return $this->connect($left, Tree::part($node, 'right'), in_array($operator, ['or', '||'], true));
        }
        $right = $this->of(Tree::part($node, 'right'));
        if ($left instanceof Unknown || $right instanceof Unknown) {
            return self::both($left, $right);
        }
        if ($left instanceof NotApplicable || $right instanceof NotApplicable) {
            return in_array($operator, self::SUMS, true) ? ($left instanceof NotApplicable ? $left : $right) : false;
        }
        if (is_array($right)) {
            return in_array($left, $right, true) === ($operator === 'in');
        }
        if ($left instanceof Amount && $right instanceof Amount) {
            return self::amounts($operator, $left, $right);
        }

        return ($left === $right) === ($operator === '==');
    }

    /**
     * `and` and `or`: a false settles the one and a true the other, whatever else is unknown.
     *
     * @param Amount|bool|string|list<string>|Unknown|NotApplicable $left
     */
    private function connect(mixed $left, Node $rightNode, bool $settling): bool|Unknown
    {
        if ($left === $settling) {
            return $settling;
        }
        $right = $this->of($rightNode);
        if ($right === $settling) {
            return $settling;
        }

        if ($left instanceof Unknown || $right instanceof Unknown) {
            return self::both($left, $right);
        }

        // what makes no sense of a subject is not so
        return $settling ? $left === true || $right === true : $left === true && $right === true;
    }

    private static function amounts(string $operator, Amount $left, Amount $right): Amount|bool
    {
        return match ($operator) {
            '==' => $left->equals($right),
            '!=' => !$left->equals($right),
            '>=' => $left->isAtLeast($right),
            '<=' => $left->isAtMost($right),
            '>' => !$left->isAtMost($right),
            '<' => !$left->isAtLeast($right),
            '+' => new Amount($left->quantity, $left->number + $right->number),
            '-' => new Amount($left->quantity, $left->number - $right->number),
            '*' => self::product($left, $right),
            '/' => self::quotient($left, $right),
            default => throw new \LogicException('An operator that was refused when it was read.'),
        };
    }

    private static function product(Amount $left, Amount $right): Amount
    {
        $number = $left->number * $right->number;
        if ($left->quantity === Quantity::Length && $right->quantity === Quantity::Length) {
            return Amount::drawnArea($number);
        }
        $plain = in_array($left->quantity, [Quantity::Count, Quantity::Ratio], true);

        return new Amount($plain ? $right->quantity : $left->quantity, $number);
    }

    private static function quotient(Amount $left, Amount $right): Amount
    {
        $number = $right->number === 0.0 ? INF : $left->number / $right->number;

        return new Amount($left->quantity === $right->quantity ? Quantity::Ratio : $left->quantity, $number);
    }

    /** @return Amount|bool|string|list<string>|Unknown|NotApplicable */
    private function conditional(ConditionalNode $node): Amount|bool|string|array|Unknown|NotApplicable
    {
        $condition = $this->of(Tree::part($node, 'expr1'));

        return $condition instanceof Unknown ? $condition : $this->of(Tree::part($node, $condition === true ? 'expr2' : 'expr3'));
    }

    private static function both(mixed $left, mixed $right): Unknown
    {
        $missing = [...($left instanceof Unknown ? $left->missing : []), ...($right instanceof Unknown ? $right->missing : [])];

        return new Unknown(array_values(array_unique($missing)));
    }
}
