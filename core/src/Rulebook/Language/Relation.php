<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Language\Text;
use Heurema\Language\Texts;
use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Unknown;
use Heurema\Units\Amount;

/** One thing held against another of its kind: `==`, `!=`, `<`, `<=`, `>`, `>=`. */
final readonly class Relation implements Term
{
    #[Texts]
    private const SIGNS = [
        '==' => '{what} {value}', '!=' => '{what} not {value}', '<' => '{what} less than {value}', '<=' => '{what} at most {value}',
        '>' => '{what} more than {value}', '>=' => '{what} at least {value}',
    ];
    private const OPPOSITES = ['==' => '!=', '!=' => '==', '<' => '>=', '<=' => '>', '>' => '<=', '>=' => '<'];

    public function __construct(private string $sign, private Term $left, private Term $right) {}

    public function answer(): AnswerType
    {
        return AnswerType::YesNo;
    }

    public function isConstant(): bool
    {
        return $this->left->isConstant() && $this->right->isConstant();
    }

    public function value(Evaluation $evaluation): bool|Unknown
    {
        $left = $this->left->value($evaluation);
        $right = $this->right->value($evaluation);
        if ($left instanceof Unknown || $right instanceof Unknown) {
            return Evaluation::unknown($left, $right);
        }
        if ($left instanceof NotApplicable || $right instanceof NotApplicable) {
            return false;
        }

        return $left instanceof Amount && $right instanceof Amount
            ? $this->holds($left, $right)
            : self::isSame($left, $right) === ($this->sign === '==');
    }

    private static function isSame(mixed $left, mixed $right): bool
    {
        return is_string($left) && is_string($right) ? RoomUse::isSame($left, $right) : $left === $right;
    }

    private function holds(Amount $left, Amount $right): bool
    {
        return match ($this->sign) {
            '==' => $left->equals($right),
            '!=' => !$left->equals($right),
            '>=' => $left->isAtLeast($right),
            '<=' => $left->isAtMost($right),
            '>' => !$left->isAtMost($right),
            default => !$left->isAtLeast($right),
        };
    }

    public function words(Speech $speech, bool $isSo = true): string
    {
        $sign = $isSo ? $this->sign : self::OPPOSITES[$this->sign];
        $zero = $this->left instanceof Fact
            && $this->right instanceof Constant
            && $this->right->value instanceof Amount
            && $this->right->value->number === 0.0;
        $phrase = $zero ? Speech::count($this->left->measure, $sign) : null;

        return $phrase ?? Text::of(
            self::SIGNS[$sign],
            what: Speech::subject($this->left->words($speech)),
            value: $this->right->words($speech),
        );
    }
}
