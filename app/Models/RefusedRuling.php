<?php

declare(strict_types=1);

namespace App\Models;

/** A step of a review that cannot be taken; says why, for whoever tried. */
final class RefusedRuling extends \RuntimeException {}
