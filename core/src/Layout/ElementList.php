<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Language\Text;

/** The lists of a document and what stands in them: each kind of element is told of here once, and its keys in its class. */
enum ElementList: string
{
    case Storeys = 'storeys';
    case Stairs = 'stairs';
    case Ramps = 'ramps';
    case Survey = 'survey';
    case Axes = 'axes';
    case Sections = 'sections';
    case Walls = 'walls';
    case Openings = 'openings';
    case RoofWindows = 'roof_windows';
    case Rooms = 'rooms';
    case Fixtures = 'fixtures';
    case Voids = 'voids';
    case Soffits = 'soffits';
    case Guards = 'guards';
    case Terraces = 'terraces';
    case Notes = 'notes';
    case Blocks = 'blocks';
    case Dimensions = 'dimensions';

    /** @return class-string<Element> */
    public function type(): string
    {
        return match ($this) {
            self::Storeys => Storey::class,
            self::Stairs => Stair::class,
            self::Ramps => Ramp::class,
            self::Survey => TapedDistance::class,
            self::Axes => Axis::class,
            self::Sections => SectionLine::class,
            self::Walls => Wall::class,
            self::Openings => Opening::class,
            self::RoofWindows => RoofWindow::class,
            self::Rooms => Room::class,
            self::Fixtures => Fixture::class,
            self::Voids => FloorOpening::class,
            self::Soffits => Soffit::class,
            self::Guards => Guard::class,
            self::Terraces => Terrace::class,
            self::Notes => Note::class,
            self::Blocks => Block::class,
            self::Dimensions => DrawnDimension::class,
        };
    }

    /** What one of them is called in the schema of the document. */
    public function key(): string
    {
        return match ($this) {
            self::Survey => 'survey',
            self::Axes => 'axis',
            default => substr($this->value, 0, -1),
        };
    }

    /** The property of its document or storey that holds it. */
    public function property(): string
    {
        return lcfirst(str_replace('_', '', ucwords($this->value, '_')));
    }

    /** What one of them is called. */
    public function noun(): string
    {
        return match ($this) {
            self::Survey => Text::of('taped distance'),
            self::Voids => Text::of('floor opening'),
            self::RoofWindows => Text::of('roof window'),
            self::Sections => Text::of('section line'),
            default => Text::word($this->key()),
        };
    }

    /** The letters that its ids begin with, as they are given. */
    public function letter(): string
    {
        return match ($this) {
            self::Storeys => 's',
            self::Stairs => 'st',
            self::Ramps => 'ra',
            self::Survey => 't',
            self::Axes => 'x',
            self::Sections => 'c',
            self::Walls => 'w',
            self::Openings => 'o',
            self::RoofWindows => 'rw',
            self::Rooms => 'r',
            self::Fixtures => 'f',
            self::Voids => 'v',
            self::Soffits => 'p',
            self::Guards => 'g',
            self::Terraces => 'te',
            self::Notes => 'm',
            self::Blocks => 'b',
            self::Dimensions => 'di',
        };
    }

    public function isOfStorey(): bool
    {
        return in_array($this, self::ofStorey(), true);
    }

    /** @return list<self> the lists of a storey */
    public static function ofStorey(): array
    {
        return [
            self::Walls, self::Openings, self::RoofWindows, self::Rooms, self::Fixtures, self::Voids, self::Soffits, self::Guards,
            self::Terraces, self::Notes, self::Blocks, self::Dimensions,
        ];
    }

    /** @return list<self> the lists of the document */
    public static function ofDocument(): array
    {
        return [self::Storeys, self::Stairs, self::Ramps, self::Survey, self::Axes, self::Sections];
    }
}
