<?php

declare(strict_types=1);

namespace Heurema\Brief;

/** A sentence that says no wish, with what is wrong with it. */
final class UnreadableWish extends \RuntimeException {}
