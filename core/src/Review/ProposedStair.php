<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Layout\Landing;
use Heurema\Layout\Stair;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Rulebook\Language\Facts;
use Heurema\Rulebook\RuleBook;
use Heurema\Units\Amount;

/** A stair that one thinks of: so many risers, alike, and treads so deep. All else that rules ask of it is not known. */
final readonly class ProposedStair implements Facts
{
    /**
     * @param float|null                        $tread    mm; null: not settled yet
     * @param array<string, Amount|bool|string> $settings
     */
    public function __construct(
        private Stair $stair,
        private float $rise,
        private int $risers,
        private ?float $tread,
        private RuleBook $book,
        private array $settings,
    ) {}

    public function id(): string
    {
        return $this->stair->id;
    }

    public function name(): string
    {
        return $this->stair->name;
    }

    public function measure(string $measure, Parameters $with): Measurement
    {
        $riser = $this->rise / $this->risers;
        $value = match ($this->book->vocabulary->resolved($measure)) {
            'stair.riser' => Amount::length($riser),
            'stair.tread' => $this->tread === null ? null : Amount::length($this->tread),
            'stair.riser_spread', 'stair.tread_spread' => Amount::length(0),
            'stair.pitch' => $this->tread === null ? null : Amount::angle(rad2deg(atan2($riser, $this->tread))),
            'stair.two_r_plus_g' => $this->tread === null ? null : Amount::length(2 * $riser + $this->tread),
            'stair.risers_per_flight', 'stair.straight_run' => $this->isOneFlight() ? Amount::count($this->risers) : null,
            'stair.flight_rise' => $this->isOneFlight() ? Amount::length($this->rise) : null,
            'stair.risers' => Amount::count($this->risers),
            'stair.kind' => $this->stair->kind->value,
            'stair.outside' => $this->stair->fromStorey === null,
            'stair.open_risers' => $this->stair->openRisers,
            default => null,
        };

        return $value === null ? new Unknown([$measure]) : new Measured($value);
    }

    public function related(string $relation): array
    {
        return [];
    }

    public function setting(string $name): Amount|bool|string
    {
        return $this->settings[$name] ?? $this->book->vocabulary->settings[$name]->default;
    }

    private function isOneFlight(): bool
    {
        return array_filter($this->stair->parts, static fn($part): bool => $part instanceof Landing) === [];
    }
}
