<?php

declare(strict_types=1);

namespace App\Exchange;

/** An archive that holds no project that can be taken in: why, and where. */
final class UnreadableProject extends \RuntimeException {}
