<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

/** What a value of the document is. Lengths in mm, angles in degrees. */
enum Value
{
    case Identifier;
    case Name;
    /** What people call an element on plans and in letters: `D1`, `W3`, `101`. */
    case Mark;
    case Text;
    /** A length of zero or more. */
    case Length;
    /** A length above zero. */
    case Size;
    /** A height above or below a datum. */
    case Elevation;
    case Angle;
    /** A number between two limits, of the unit that its key tells. */
    case Number;
    /** Litres a second. */
    case AirFlow;
    case Whole;
    case YesNo;
    case Word;
    case Point;
    case Points;
    /** The corners of an outline that does not cross itself. */
    case Ring;
    /** The same, as a list of points. */
    case Outline;
    case TwoLengths;
    case Sizes;
    /** An object of its own. */
    case Part;
    /** A list of objects. */
    case Parts;
    /** A list of objects with one key each, which tells what they are. */
    case Tagged;
    /** An object that is kept as it is. */
    case Untouched;

    public function isLength(): bool
    {
        return in_array($this, [self::Length, self::Size, self::Elevation, self::TwoLengths, self::Sizes], true);
    }

    public function isNumber(): bool
    {
        return in_array($this, [self::Angle, self::Number, self::Whole], true);
    }

    public function isPlace(): bool
    {
        return in_array($this, [self::Point, self::Points, self::Ring, self::Outline], true);
    }
}
