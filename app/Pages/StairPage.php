<?php

declare(strict_types=1);

namespace App\Pages;

use App\Drawing\FlatPattern;
use App\Drawing\SectionDrawing;
use App\Models\Revision;
use App\Models\Scheme;
use Heurema\Drafting\StairSection;
use Heurema\Geometry\Tolerance;
use Heurema\Language\Texts;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Review\Finding;
use Heurema\Review\MissingWords;
use Heurema\Review\Report;
use Heurema\Review\StairOption;
use Heurema\Review\StairOptions;
use Heurema\Review\Verdict;
use Heurema\Rulebook\Topics;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Units\Amount;

/** One stair: its section, what is measured of it against all chosen books, and the steps it could have. */
final readonly class StairPage
{
    /** Where no book says how much is wanted, mm: 6 ft 8 in. */
    private const HEADROOM = 2032.0;

    #[Texts]
    private const SHOWN = [
        'stair.riser' => 'Riser', 'stair.tread' => 'Tread', 'stair.winder_tread' => 'Tapered tread in the middle', 'stair.pitch' => 'Pitch',
        'stair.two_r_plus_g' => 'Twice the riser and the tread',
        'stair.width' => 'Width', 'stair.headroom' => 'Headroom', 'stair.opening_start' => 'Treads that have to lie open',
        'stair.flight_rise' => 'Highest flight', 'stair.landing' => 'Least landing',
        'stair.rise_left' => 'Rise left over', 'stair.run_left' => 'From its end to the edge of the floor',
        'stair.under' => 'Clear height below',
    ];

    /** @var Climb|list<string> */
    public Climb|array $climb;

    /**
     * @param array<string, Amount|bool|string> $settings
     * @param float|null                        $space    what there is for the run, mm
     */
    public function __construct(
        public Scheme $scheme,
        public ?Revision $revision,
        public Report $report,
        public PlacedStair $stair,
        private array $settings = [],
        public ?float $space = null,
    ) {
        $this->climb = Climb::of($stair);
    }

    public function section(): string
    {
        return $this->climb instanceof Climb
            ? (new SectionDrawing(StairSection::of($this->climb, $this->report->home), $this->report->home, $this->headroom()))->draw()
            : '';
    }

    public function pattern(): string
    {
        return $this->climb instanceof Climb && FlatPattern::isOf($this->climb)
            ? (new FlatPattern($this->climb, $this->report->home))->draw()
            : '';
    }

    /** @return list<string> what the document lacks for a section */
    public function missing(): array
    {
        return $this->climb instanceof Climb ? [] : (new MissingWords($this->report->home))->of($this->climb);
    }

    /** @return array<string, string> what is measured, in words, by its name */
    public function measured(): array
    {
        $measures = Catalogue::standard();
        $shown = [__('Risers') => (string) $this->stair->stair->risers()];
        foreach (self::SHOWN as $name => $words) {
            $with = $name === 'stair.opening_start' ? ['headroom' => Amount::length($this->headroom())] : [];
            $found = $measures->get($name)?->of($this->stair, $this->report->home, new Parameters($with));
            if ($found instanceof Measured) {
                $shown[__($words)] = $this->report->home->write($found->amount());
            }
        }

        return $shown;
    }

    /** @return list<Finding> what all chosen books say of it, by what is measured */
    public function findings(): array
    {
        $found = array_values(array_filter(
            $this->report->findings,
            fn(Finding $finding): bool => $finding->subject === $this->stair && $finding->verdict() !== Verdict::NotApplicable,
        ));
        $topic = static fn(Finding $finding): string => Topics::of($finding->rule, $finding->book->vocabulary)[0] ?? '';
        usort($found, static fn(Finding $a, Finding $b): int => $topic($a) <=> $topic($b));

        return $found;
    }

    /** The most that a chosen book wants over a stair, mm. */
    public function headroom(): float
    {
        $limits = [];
        foreach ($this->findings() as $finding) {
            if (
                $finding->outcome->limit !== null
                && in_array('stair.headroom', Topics::of($finding->rule, $finding->book->vocabulary), true)
            ) {
                $limits[] = $finding->outcome->limit->number;
            }
        }

        return $limits === [] ? self::HEADROOM : max($limits);
    }

    /** @return list<StairOption> those that one walks evenly first, those that fit the space before those that do not */
    public function options(): array
    {
        $rise = $this->stair->totalRise();
        $options = $rise === null || $rise <= 0
            ? []
            : (new StairOptions($this->stair->stair, $rise, $this->report->books, $this->settings))->all();
        usort($options, fn(StairOption $a, StairOption $b): int => [!$this->fits($a), $a->order()] <=> [!$this->fits($b), $b->order()]);

        return $options;
    }

    /** The tread that makes the evenest step and fits the space. */
    public function tread(StairOption $option): float
    {
        $most = $this->space === null || $option->treads === 0 ? INF : $this->space / $option->treads;

        return max($option->leastTread, min($option->bestTread(), floor($most * 10) / 10));
    }

    public function fits(StairOption $option): bool
    {
        return $this->space === null || $option->run($option->leastTread) <= $this->space + Tolerance::TOUCH;
    }

    public function angle(float $degrees): string
    {
        return $this->report->home->write(Amount::angle($degrees));
    }

    public function length(float $mm): string
    {
        return $this->report->home->length($mm);
    }

    public function address(): string
    {
        return $this->revision === null
            ? route('board.stair', [$this->scheme, $this->stair->id()])
            : route('review.stair', [$this->revision, $this->stair->id()]);
    }
}
