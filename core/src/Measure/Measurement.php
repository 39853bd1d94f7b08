<?php

declare(strict_types=1);

namespace Heurema\Measure;

/** What a measure answers: Measured, Unknown or NotApplicable. */
interface Measurement {}
