<?php

declare(strict_types=1);

namespace Heurema\Language;

/** Marks a constant whose texts are looked up where they are shown; the keys of an array are not among them. */
#[\Attribute(\Attribute::TARGET_CLASS_CONSTANT)]
final class Texts {}
