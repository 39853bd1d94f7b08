<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Layout\Element;
use Heurema\Layout\Fixture;
use Heurema\Layout\Opening;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Units\Quantity;

/**
 * The top of what has an underside and a height: any two of the three are typed, the third follows. The document holds underside and
 * height. In mm above the floor.
 */
final readonly class TopHeight
{
    private function __construct(
        public string $key,
        public string $label,
        private string $bottom,
        private ?float $from,
        private ?float $height,
        private bool $stands,
    ) {}

    /** Null where an element has no such heights. */
    public static function of(Element $element): ?self
    {
        return match (true) {
            $element instanceof Fixture => new self(
                'top',
                __('Top above floor'),
                'base',
                $element->base ?? ($element->kind->hangs() ? null : 0.0),
                $element->height,
                $element->base === null && !$element->kind->hangs(),
            ),
            $element instanceof Opening && $element->kind === OpeningKind::Window => new self(
                'head',
                __('Head above floor'),
                'sill',
                $element->sill,
                $element->height,
                false,
            ),
            default => null,
        };
    }

    public function field(): Field
    {
        return Field::length($this->key, $this->label);
    }

    public function value(): ?float
    {
        return $this->from === null || $this->height === null ? null : $this->from + $this->height;
    }

    /**
     * What is to be said of the underside and the height for a top.
     *
     * @param array<string, mixed> $others what else is typed, by key
     *
     * @return array<string, float>
     *
     * @throws RefusedValue when the three do not go together
     */
    public function at(float $top, array $others): array
    {
        [$from, $height] = [$others[$this->bottom] ?? null, $others['height'] ?? null];
        if (is_float($from) && is_float($height)) {
            return abs($from + $height - $top) <= Quantity::SAME_LENGTH
                ? []
                : throw new RefusedValue($this->key, __('Type two of the three heights: these do not go together.'));
        }

        return match (true) {
            is_float($height) => [$this->bottom => $this->left($top - $height)],
            is_float($from) => ['height' => $this->left($top - $from)],
            $this->stands => ['height' => $this->left($top)],
            $this->height !== null => [$this->bottom => $this->left($top - $this->height)],
            $this->from !== null => ['height' => $this->left($top - $this->from)],
            default => throw new RefusedValue($this->key, __('Type its height or its underside as well.')),
        };
    }

    private function left(float $length): float
    {
        return $length >= 0.0 ? round($length, 4) : throw new RefusedValue($this->key, __('Nothing is left below that.'));
    }
}
