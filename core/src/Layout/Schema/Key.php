<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

use Heurema\Units\ExpectedLength;

/**
 * A key of an element of the document: its name is the property's, `leaf_thickness` for `$leafThickness`; it may be left out where the
 * property may be null or has a default, and is left out where it has that value.
 *
 * What is said here about a key is said nowhere else: reading and writing, the schema, what moving, turning and mirroring do to it,
 * the words of a difference and the board's fields all ask it.
 */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Key
{
    /**
     * @param Value|null                                 $as       what the property's type does not say by itself
     * @param float|int|null                             $least    of a number, of the points of a line
     * @param float|int|null                             $most     of a number, of the entries of a list
     * @param class-string|array<string, class-string>|null $of of the entries of a list, by their tag where they have one; or of the object
     *                                                          that may stand for a length
     * @param list<\BackedEnum>                          $among    the words that it may be, none: all
     * @param string|null                                $otherwise the property that stands in where this is left out
     * @param bool                                       $required may not be left out, though the property has a default
     * @param mixed                                      $default  its value where it is left out, where the property cannot say so
     * @param bool                                       $always   written though it has its default
     * @param list<\BackedEnum>                          $only     no other kind of its element may have it
     * @param list<\BackedEnum>                          $suits    kinds that it is usually told of; none: all
     * @param string|null                                $label    what people call it, where they state it by typing or choosing
     * @param ExpectedLength|array<string, ExpectedLength>|null $expected what is likely, by kind where it differs
     * @param bool                                       $own      no two elements have it in common
     */
    public function __construct(
        public ?Value $as = null,
        public float|int|null $least = null,
        public float|int|null $most = null,
        public string|array|null $of = null,
        public array $among = [],
        public ?string $otherwise = null,
        public bool $required = false,
        public mixed $default = null,
        public bool $always = false,
        public array $only = [],
        public array $suits = [],
        public ?MotionRule $under = null,
        public ?string $label = null,
        public ExpectedLength|array|null $expected = null,
        public bool $own = false,
    ) {}
}
