<?php

declare(strict_types=1);

namespace App\Tracing;

/** A file that is no picture that could be traced: says why. */
final class UnreadablePicture extends \RuntimeException {}
