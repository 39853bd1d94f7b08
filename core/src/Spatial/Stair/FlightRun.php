<?php

declare(strict_types=1);

namespace Heurema\Spatial\Stair;

use Heurema\Layout\Landing;

/** The steps from a floor or landing to the next one: their risers and treads. */
final readonly class FlightRun
{
    /**
     * @param int         $from   how many risers lie below it
     * @param list<float> $risers each riser, mm
     * @param list<Step>  $steps  its treads
     */
    private function __construct(public int $from, public array $risers, public array $steps) {}

    /** @return list<self> in order of climb */
    public static function of(Climb $climb): array
    {
        $ends = [0];
        foreach ($climb->stair->shape->steps as $step) {
            if ($step->kind === StepKind::Landing) {
                $ends[] = $step->risers;
            }
        }
        $ends[] = count($climb->levels) - 1;
        $risers = $climb->risers();
        $runs = [];
        for ($number = 1, $count = count($ends); $number < $count; ++$number) {
            [$from, $to] = [$ends[$number - 1], $ends[$number]];
            $steps = array_filter(
                $climb->stair->shape->steps,
                static fn(Step $step): bool => $step->kind !== StepKind::Landing && $step->risers > $from && $step->risers < $to,
            );
            if ($to > $from) {
                $runs[] = new self($from, array_slice($risers, $from, $to - $from), array_values($steps));
            }
        }

        return $runs;
    }

    public function rise(): float
    {
        return array_sum($this->risers);
    }

    /** @return list<float> of its treads that are not tapered, nosing edge to nosing edge */
    public function treads(): array
    {
        $straight = array_filter($this->steps, static fn(Step $step): bool => $step->kind === StepKind::Tread);

        return array_values(array_map(static fn(Step $step): float => $step->front->distanceTo($step->back->middle()), $straight));
    }
}
