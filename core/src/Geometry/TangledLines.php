<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** Lines that cross one another so often that no drawing of a home can be meant. */
final class TangledLines extends \RuntimeException {}
