<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** An expression that cannot be read, or that compares what cannot be compared. */
final class UnreadableExpression extends \RuntimeException {}
