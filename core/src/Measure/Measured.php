<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Units\Amount;
use Heurema\Words\Message;

/** A value, with how it came about. */
final readonly class Measured implements Measurement
{
    /**
     * @param list<Witness> $witness     what shows it on the drawing
     * @param list<Message> $working     how it came about, step by step
     * @param list<Message> $assumptions values that nobody drew and the computation had to take
     * @param list<string>  $parties     ids of what else takes part: what stands in the way, what lacks something
     */
    public function __construct(
        public Amount|bool|string $value,
        public array $witness = [],
        public array $working = [],
        public array $assumptions = [],
        public array $parties = [],
    ) {}

    /** @throws \LogicException when the value is a word or a yes or no */
    public function amount(): Amount
    {
        return $this->value instanceof Amount ? $this->value : throw new \LogicException('This measure gives no amount.');
    }
}
