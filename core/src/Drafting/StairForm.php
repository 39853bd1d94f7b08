<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Language\Text;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Flight;
use Heurema\Layout\Landing;
use Heurema\Layout\Stair;
use Heurema\Layout\Winders;
use Heurema\Layout\Words\StairKind;
use Heurema\Layout\Words\Turn;

/** A stair's outline with what it needs beside the number of risers and the tread. In mm. */
final readonly class StairForm
{
    /** Winders around a quarter turn, as is usual (common practice, no source). */
    private const WINDERS = 3;

    /** Between the two flights of a half turn (common practice, no source). */
    private const GAP = 100.0;

    /**
     * @param Turn     $hand    left or right: the way it turns as one climbs
     * @param int      $first   risers of the first flight
     * @param float    $landing depth of a landing
     * @param float    $inner   the narrow end of winders, or the inner radius of a spiral
     * @param float    $gap     between the two flights of a half turn
     * @param int      $winders around the first quarter turn; the second one of a half turn has `secondWinders`
     */
    public function __construct(
        public StairOutline $outline,
        public Turn $hand,
        public int $first,
        public float $landing,
        public float $inner,
        private float $gap = self::GAP,
        public int $winders = self::WINDERS,
        public int $secondWinders = self::WINDERS,
    ) {}

    /**
     * Otherwise, between the same flights.
     *
     * @param array{int, int} $winders of the first quarter turn and of a second
     */
    public function with(StairOutline $outline, Turn $hand, int $first, float $landing, float $inner, array $winders): self
    {
        return new self(
            outline: $outline,
            hand: $hand,
            first: $first,
            landing: $landing,
            inner: $inner,
            gap: $this->gap,
            winders: $winders[0],
            secondWinders: $winders[1],
        );
    }

    /** The form of a drawn stair; the nearest where it is of no such form. */
    public static function of(Stair $stair): self
    {
        $turns = array_values(array_filter(
            $stair->parts,
            static fn(Flight|Landing|Winders $part): bool => $part instanceof Winders
                || ($part instanceof Landing && $part->turn !== Turn::None),
        ));
        $turn = $turns[0] ?? null;
        $isBack = $turn instanceof Landing && $turn->turn->isBack();
        $outline = match (true) {
            $stair->kind === StairKind::Spiral => StairOutline::Spiral,
            $turn === null => StairOutline::Straight,
            $turn instanceof Landing => $isBack || count($turns) > 1 ? StairOutline::HalfLanding : StairOutline::QuarterLanding,
            default => count($turns) > 1 ? StairOutline::HalfWinders : StairOutline::QuarterWinders,
        };
        $isRight = $turn === null ? $stair->hand === Turn::Right : $turn->turn->isRight();
        $first = $stair->parts[0] instanceof Flight ? $stair->parts[0]->risers : 0;
        $inner = $stair->innerRadius ?? ($turn instanceof Winders ? $turn->inner : null);

        return new self(
            outline: $outline,
            hand: $isRight ? Turn::Right : Turn::Left,
            first: $turn === null ? intdiv($stair->risers(), 2) : $first,
            landing: $turn instanceof Landing && $turn->depth !== null ? $turn->depth : $stair->width ?? 900.0,
            inner: $inner ?? 0.0,
            gap: $isBack ? $turn->gap ?? 0.0 : self::GAP,
            winders: $turn instanceof Winders ? $turn->risers : self::WINDERS,
            secondWinders: ($turns[1] ?? $turn) instanceof Winders ? ($turns[1] ?? $turn)->risers : self::WINDERS,
        );
    }

    /**
     * A stair in this form, with as many risers as it has.
     *
     * @param float $tread of its flights
     *
     * @throws RefusedEdit when it has too few risers for its parts
     */
    public function shape(Stair $stair, float $tread): Stair
    {
        $isSpiral = $this->outline === StairOutline::Spiral;
        $kind = match ($this->outline) {
            StairOutline::Spiral => StairKind::Spiral,
            StairOutline::QuarterWinders, StairOutline::HalfWinders => StairKind::Winding,
            default => StairKind::Straight,
        };

        return $stair->withForm(
            $kind,
            $isSpiral ? $this->inner : null,
            $isSpiral ? $this->hand : null,
            $this->parts($stair->risers(), $tread),
        );
    }

    /** @return list<Flight|Landing|Winders> */
    private function parts(int $risers, float $tread): array
    {
        $between = match ($this->outline) {
            StairOutline::Straight, StairOutline::Spiral => [],
            StairOutline::QuarterLanding => [new Landing($this->landing, $this->hand)],
            StairOutline::HalfLanding => [new Landing(
                $this->landing,
                $this->hand === Turn::Right ? Turn::BackRight : Turn::BackLeft,
                $this->gap,
            )],
            StairOutline::QuarterWinders => [$this->winders($this->winders)],
            StairOutline::HalfWinders => [$this->winders($this->winders), $this->winders($this->secondWinders)],
        };
        if ($between === []) {
            return [new Flight($risers, $tread)];
        }
        $last = $risers - $this->first - array_sum(array_map(static fn(Landing|Winders $part): int => $part->risers(), $between));
        if ($this->first < 1 || $last < 1) {
            throw new RefusedEdit(Text::of(
                '{risers} risers are too few for a {outline} after {first} of them.',
                risers: $risers,
                outline: $this->outline->words(),
                first: $this->first,
            ));
        }

        return [new Flight($this->first, $tread), ...$between, new Flight($last, $tread)];
    }

    private function winders(int $risers): Winders
    {
        return new Winders($risers, $this->hand, $this->inner);
    }
}
