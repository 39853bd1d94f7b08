<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Language\Texts;

/** How large the figures of dimensions are, and what their lines end in. */
final readonly class DimensionLook
{
    #[Texts]
    public const TEXTS = ['small' => 'small', 'usual' => 'usual', 'large' => 'large'];
    #[Texts]
    public const ENDS = ['ticks' => 'ticks', 'dots' => 'dots', 'arrows' => 'arrows'];

    /** Of letters, px. */
    private const SIZES = ['small' => 10.0, 'usual' => 12.0, 'large' => 15.0];

    public function __construct(public string $text = 'usual', public string $ends = 'ticks') {}

    /** Of a dimension as it is drawn. */
    public function classes(): string
    {
        return $this->text === 'usual' ? 'dimension' : "dimension text-{$this->text}";
    }

    /** Of letters, px. */
    public function size(): float
    {
        return self::SIZES[$this->text] ?? self::SIZES['usual'];
    }

    /** How large letters are beside the usual ones. */
    public function share(): float
    {
        return $this->size() / self::SIZES['usual'];
    }
}
