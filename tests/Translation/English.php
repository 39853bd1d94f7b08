<?php

declare(strict_types=1);

namespace Tests\Translation;

/** How English is told from other languages. */
final class English
{
    /** Words that no sentence of English is without, and that are none in Spanish. */
    public const SENTENCE = '/\b(the|of|and|to|is|are|it|its|with|not|from|by|at|on|for|what|this|that|each|which|was|be|have|has)\b/i';
}
