<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Units\Amount;
use Heurema\Words\Message;
use Heurema\Words\Wording;

/** The geometry that shows a value on the drawing of a storey. */
final readonly class Witness
{
    public const DIMENSION = 'dimension';
    public const OUTLINE = 'outline';
    public const MARK = 'mark';

    /** @param Message|Amount|string $text what to write beside it: an amount, a sentence, or the name of something */
    private function __construct(
        public string $type,
        public string $storey,
        private Point|Segment|Ring|Polygon $shape,
        public Message|Amount|string $text,
    ) {}

    public static function dimension(string $storey, Segment $segment, Message|Amount|string $text): self
    {
        return new self(self::DIMENSION, $storey, $segment, $text);
    }

    /**
     * A way from place to place, each stretch with its length.
     *
     * @param list<Point> $places
     *
     * @return list<self>
     */
    public static function way(string $storey, array $places): array
    {
        return array_map(
            static fn(Point $to, int $number): self => self::dimension(
                $storey,
                new Segment($places[$number], $to),
                Amount::length($places[$number]->distanceTo($to)),
            ),
            array_slice($places, 1),
            array_keys(array_slice($places, 1)),
        );
    }

    public static function outline(string $storey, Polygon|Ring $shape, Message|Amount|string $text = ''): self
    {
        return new self(self::OUTLINE, $storey, $shape, $text);
    }

    public static function mark(string $storey, Point $at, Message|Amount|string $text = ''): self
    {
        return new self(self::MARK, $storey, $at, $text);
    }

    /**
     * As it was kept.
     *
     * @param array{type: string, storey: string, lines: non-empty-list<non-empty-list<array{float, float}>>, text: mixed} $kept
     */
    public static function read(array $kept): self
    {
        $lines = array_map(
            static fn(array $line): array => array_map(static fn(array $at): Point => new Point($at[0], $at[1]), $line),
            $kept['lines'],
        );
        $shape = match ($kept['type']) {
            self::DIMENSION => new Segment($lines[0][0], $lines[0][count($lines[0]) - 1]),
            self::MARK => $lines[0][0],
            default => count($lines) === 1
                ? new Ring($lines[0])
                : new Polygon(new Ring($lines[0]), array_map(static fn(array $hole): Ring => new Ring($hole), array_slice($lines, 1))),
        };

        return new self($kept['type'], $kept['storey'], $shape, self::readText($kept['text']));
    }

    /**
     * @return non-empty-list<non-empty-list<Point>> a dimension's two ends; an outline's rings, closed, the first the outer one; the point
     *                                               of a mark
     */
    public function lines(): array
    {
        return match (true) {
            $this->shape instanceof Point => [[$this->shape]],
            $this->shape instanceof Segment => [[$this->shape->from, $this->shape->to]],
            $this->shape instanceof Ring => [$this->shape->points],
            default => array_map(static fn(Ring $ring): array => $ring->points, $this->shape->rings()),
        };
    }

    private static function readText(mixed $kept): Message|Amount|string
    {
        $text = Message::value($kept);

        return $text instanceof Message || $text instanceof Amount ? $text : (is_string($text) ? $text : '');
    }

    /** The same geometry with other words beside it. */
    public function saying(Message|Amount|string $text): self
    {
        return new self($this->type, $this->storey, $this->shape, $text);
    }

    /** @return array{type: string, storey: string, lines: non-empty-list<non-empty-list<array{float, float}>>, text: string} */
    public function toArray(Wording $wording): array
    {
        $lines = array_map(
            static fn(array $line): array => array_map(static fn(Point $point): array => $point->toArray(), $line),
            $this->lines(),
        );

        return ['type' => $this->type, 'storey' => $this->storey, 'lines' => $lines, 'text' => $wording->say($this->text)];
    }
}
