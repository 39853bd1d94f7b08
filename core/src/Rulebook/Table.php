<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Unknown;
use Heurema\Rulebook\Language\Facts;
use Heurema\Units\Amount;
use Heurema\Units\Notation;

/**
 * A limit that goes by another amount, row by row: `by: hall width`, 900 mm → 800 mm, 1050 mm → 775 mm. The row that counts is the
 * last one whose key is not more than the amount (`from`), the first whose key is not less (`up_to`), or the one whose key it is.
 */
final readonly class Table implements Limit
{
    /** @param non-empty-list<array{Amount, Amount}> $rows key and value, the keys ascending */
    public function __construct(private Expression $by, private TableMatch $match, private array $rows) {}

    public function answer(): AnswerType
    {
        return AnswerType::ofQuantity($this->rows[0][1]->quantity);
    }

    public function text(): string
    {
        return Text::of('the table by {text}', text: $this->by->text());
    }

    public function words(Facts $facts, Notation $notation): string
    {
        return Text::of('a row of the table');
    }

    public function isFigure(): bool
    {
        return false;
    }

    public function inInches(): bool
    {
        return false;
    }

    public function evaluate(Facts $facts): ExpressionResult
    {
        $key = $this->by->evaluate($facts);
        if (!$key->value instanceof Amount) {
            return $key;
        }
        $value = $this->row($key->value);
        $missing = new Unknown(["a row of the table for {$this->by->text()}"]);

        return new ExpressionResult($value ?? $missing, $key->assumptions, $key->values);
    }

    private function row(Amount $key): ?Amount
    {
        $found = null;
        foreach ($this->rows as [$row, $value]) {
            $isRow = match ($this->match) {
                TableMatch::From => $key->isAtLeast($row),
                TableMatch::UpTo => $found === null && $key->isAtMost($row),
                TableMatch::Exactly => $key->equals($row),
            };
            $found = $isRow ? $value : $found;
        }

        return $found;
    }
}
