<?php

declare(strict_types=1);

namespace App\Exchange;

/** An archive of issues that cannot be read, and why. */
final class UnreadableIssues extends \RuntimeException {}
