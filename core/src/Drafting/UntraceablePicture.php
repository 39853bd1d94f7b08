<?php

declare(strict_types=1);

namespace Heurema\Drafting;

/** A picture that cannot be put where it was asked to be: says why; it stays as it was. */
final class UntraceablePicture extends \RuntimeException {}
