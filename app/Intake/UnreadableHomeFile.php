<?php

declare(strict_types=1);

namespace App\Intake;

/** A file that holds no home that can be read: why, and where. */
final class UnreadableHomeFile extends \RuntimeException {}
