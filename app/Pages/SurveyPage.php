<?php

declare(strict_types=1);

namespace App\Pages;

use App\Letters\PlanPicture;
use App\Models\Scheme;
use Heurema\Drafting\UnmeasuredOnSite;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedTapedDistance;
use Heurema\Units\Quantity;

/** Everything that was taped on site, held against the drawing, and what is still to be taped. */
final readonly class SurveyPage
{
    /** The plan of a storey on paper, mm. */
    private const PLAN = [250.0, 150.0];

    public Home $home;

    public function __construct(public Scheme $scheme)
    {
        $this->home = new Home($scheme->layout);
    }

    /** @return list<TapedRow> as they were taped */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->taped() as $taped) {
            $expected = $taped->expected($this->home);
            $rows[] = new TapedRow(
                id: $taped->id(),
                name: $taped->name(),
                storey: $this->scheme->layout->storey($taped->storey())->name ?? '',
                drawn: is_float($expected) ? $this->home->length($expected) : __('not drawn'),
                taped: $this->home->length($taped->distance->measured),
                off: is_float($expected) ? $this->off($taped->distance->measured - $expected) : '',
                slip: $this->working('survey.difference', $taped)[1] ?? '',
                chain: $taped->distance->group ?? '',
                who: implode(', ', array_filter(
                    [$taped->distance->by, $taped->distance->on],
                    static fn(?string $one): bool => $one !== null,
                )),
            );
        }

        return $rows;
    }

    /** @return array<string, list<string>> how each chain closes, by its name */
    public function chains(): array
    {
        $chains = [];
        foreach ($this->taped() as $taped) {
            $working = $this->working('survey.chain', $taped);
            if ($taped->distance->group !== null && $working !== []) {
                $chains[$taped->distance->group] = $working;
            }
        }

        return $chains;
    }

    /** @return array<string, array<string, list<string>>> what is still to be taped of each room and opening, by storey and name */
    public function untaped(): array
    {
        $lists = [];
        foreach ($this->home->plans as $plan) {
            $list = (new UnmeasuredOnSite($this->home, $plan))->list();
            if ($list !== []) {
                $lists[$plan->storey->name] = $list;
            }
        }

        return $lists;
    }

    /** @return array<string, string> SVG of each storey by its name */
    public function plans(): array
    {
        $plans = [];
        foreach ($this->scheme->layout->storeys as $storey) {
            $plans[$storey->name] = (new PlanPicture($this->home))->ofStorey($storey->id, self::PLAN[0], self::PLAN[1], []);
        }

        return $plans;
    }

    private function off(float $difference): string
    {
        return abs($difference) < Quantity::SAME_LENGTH
            ? __('as drawn')
            : ($difference > 0 ? '+' : '−').$this->home->length(abs($difference));
    }

    /** @return list<PlacedTapedDistance> */
    private function taped(): array
    {
        $measure = Catalogue::standard()->get('survey.difference');
        $taped = $measure === null ? [] : $this->home->subjects($measure->subject());

        return array_values(array_filter($taped, static fn(object $one): bool => $one instanceof PlacedTapedDistance));
    }

    /** @return list<string> none where it is not measured */
    private function working(string $measure, PlacedTapedDistance $taped): array
    {
        $found = Catalogue::standard()->get($measure)?->of($taped, $this->home, new Parameters());

        return $found instanceof Measured ? $this->home->wording()->all($found->working) : [];
    }
}
