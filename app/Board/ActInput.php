<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Drafting\BlockPlan;
use Heurema\Drafting\WallPen;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\WallType;
use Heurema\Units\SizeReader;
use Heurema\Units\UnreadableLength;
use Illuminate\Support\ValidatedInput;

/** What an act is asked for: what was chosen, the storey in sight, and lengths, places and words as they were typed or pointed at. */
final class ActInput extends ValidatedInput
{
    /** Who asks, by name. */
    public const PERSON = 'person';

    public function person(): string
    {
        return $this->string(self::PERSON)->value();
    }

    public function storey(): string
    {
        return $this->string('storey')->value();
    }

    public function select(): string
    {
        return $this->string('select')->value();
    }

    /** @return list<string> all that is chosen, where that is several */
    public function several(): array
    {
        $ids = array_values(array_unique(array_filter($this->array('ids'), is_string(...))));

        return count($ids) > 1 ? $ids : [];
    }

    /** The storey in sight. */
    public function drawnOn(Layout $layout): Storey
    {
        return $layout->storey($this->storey()) ?? throw new RefusedEdit(__('There is no storey ":storey".', [
            'storey' => $this->storey(),
        ]));
    }

    /** The blocks of the storey in sight, a partition of the usual thickness apart. */
    public function blockPlan(Layout $layout): BlockPlan
    {
        return new BlockPlan($this->drawnOn($layout)->blocks, UsualWalls::thicknesses($layout)['interior']);
    }

    /**
     * A typed length in mm.
     *
     * @throws UnreadableLength
     */
    public function length(string $key, Layout $layout): float
    {
        return $layout->lengths()->read($this->string($key)->value())->mm;
    }

    /**
     * A typed length in mm, if one was typed.
     *
     * @throws UnreadableLength
     */
    public function lengthIfTyped(string $key, Layout $layout): ?float
    {
        return $this->string($key)->trim()->isEmpty() ? null : $this->length($key, $layout);
    }

    /**
     * The corner opposite to one, by a typed size, on the side to which the rectangle grows.
     *
     * @throws UnreadableLength
     */
    public function opposite(Point $corner, Layout $layout): Point
    {
        [$width, $depth] = (new SizeReader($layout->lengths()))->read($this->string('size')->value());
        $grow = explode(',', $this->string('grow', '1,1')->value());

        return $corner->plus(new Point(($grow[0] === '-1' ? -1 : 1) * $width->mm, (($grow[1] ?? '1') === '-1' ? -1 : 1) * $depth->mm));
    }

    /**
     * The corners of a rectangle, from a place to the opposite one or by a typed size.
     *
     * @param string $called what it is of
     *
     * @return non-empty-list<Point>
     *
     * @throws RefusedEdit      when it has no length or no width
     * @throws UnreadableLength
     */
    public function rectangle(Layout $layout, string $called): array
    {
        $from = $this->point('from');
        $to = $this->has('to') ? $this->point('to') : $this->opposite($from, $layout);
        if (abs($to->x - $from->x) < 1.0 || abs($to->y - $from->y) < 1.0) {
            throw new RefusedEdit(__('A :called has some length and width.', ['called' => $called]));
        }

        return [$from, new Point($to->x, $from->y), $to, new Point($from->x, $to->y)];
    }

    /**
     * An outline by its corners, or from a corner to the opposite one.
     *
     * @param string $called what it is of
     *
     * @throws RefusedEdit      when it encloses nothing or crosses itself
     * @throws UnreadableLength
     */
    public function outline(Layout $layout, string $called): Ring
    {
        $corners = $this->places('corners');
        if ($corners === []) {
            return new Ring($this->rectangle($layout, $called));
        }
        $ring = count($corners) < 3 ? null : new Ring($corners);
        if ($ring === null || $ring->area() < 1.0) {
            throw new RefusedEdit(__('A :called needs three corners that are not in one line.', ['called' => $called]));
        }

        return $ring->isSimple() ? $ring : throw new RefusedEdit(__('The outline of a :called does not cross itself.', [
            'called' => $called,
        ]));
    }

    /**
     * @return list<Point> as they were pointed at, one after the other
     *
     * @throws RefusedEdit when one of them is not `x,y` in mm
     */
    public function places(string $key): array
    {
        return array_map(
            static fn(mixed $place): Point => self::place(is_string($place) ? $place : ''),
            array_values($this->array($key)),
        );
    }

    /**
     * Of what kind the walls are that are being drawn.
     *
     * @throws UnreadableLength
     */
    public function pen(Layout $layout): WallPen
    {
        return new WallPen(
            $this->word('type', WallType::Interior),
            $this->length('thickness', $layout),
            $this->lengthIfTyped('height', $layout),
        );
    }

    /**
     * One word of a list; the default when it is none of them.
     *
     * @template T of \BackedEnum
     *
     * @param T $default
     *
     * @return T
     */
    public function word(string $key, \BackedEnum $default): \BackedEnum
    {
        return $default::tryFrom($this->string($key)->value()) ?? $default;
    }

    /** @return array<string, string> typed values by key */
    public function fields(): array
    {
        $fields = [];
        foreach ($this->collect('fields') as $key => $value) {
            $fields[(string) $key] = is_string($value) ? $value : '';
        }

        return $fields;
    }

    /** @throws RefusedEdit when it is not `x,y` in mm */
    public function point(string $key): Point
    {
        return self::place($this->string($key)->value());
    }

    /** @throws RefusedEdit when it is not `x,y` in mm */
    public static function place(string $text): Point
    {
        $parts = explode(',', $text);
        if (count($parts) !== 2 || !is_numeric($parts[0]) || !is_numeric($parts[1])) {
            throw new RefusedEdit(__('Point at a place on the plan.'));
        }

        return new Point(round((float) $parts[0], 4), round((float) $parts[1], 4));
    }
}
