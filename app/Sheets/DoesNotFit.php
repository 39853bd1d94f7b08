<?php

declare(strict_types=1);

namespace App\Sheets;

/** A plan that is larger than the sheet at the scale that was asked for: says what would do. */
final class DoesNotFit extends \RuntimeException {}
