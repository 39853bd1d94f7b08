<?php

declare(strict_types=1);

namespace App\Pictures;

/** A file that is no picture that could be drawn over: says why. */
final class UnreadablePicture extends \RuntimeException {}
