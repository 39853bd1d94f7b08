<?php

declare(strict_types=1);

namespace App\Actions;

/** Somebody else changed the scheme since it was last read. */
final class StaleScheme extends \RuntimeException {}
