<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Geometry\Tolerance;
use Heurema\Layout\Flight;
use Heurema\Layout\Landing;
use Heurema\Layout\Stair;
use Heurema\Layout\Winders;
use Heurema\Rulebook\Rule;
use Heurema\Rulebook\RuleBook;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;

/** Every number of risers that the books' own rules allow over a rise, with the treads they allow. */
final readonly class StairOptions
{
    /** Nobody climbs in lower steps, mm: common practice, no source. */
    private const LOWEST_RISER = 100.0;

    /** Treads are tried up to this, mm. */
    public const DEEPEST_TREAD = 500.0;

    /** And from this, in steps; where allowing begins and ends is then found to a tenth of a millimetre. */
    private const FROM = 150.0;
    private const STEP = 5.0;
    private const EXACT = Tolerance::TOUCH;

    /**
     * @param list<RuleBook>                    $books
     * @param array<string, Amount|bool|string> $settings
     */
    public function __construct(private Stair $stair, private float $rise, private array $books, private array $settings = []) {}

    /** @return list<StairOption> those that one walks evenly first, the shortest of them first */
    public function all(): array
    {
        $options = [];
        for ($risers = 2; $risers <= $this->rise / self::LOWEST_RISER; ++$risers) {
            $option = $this->allows($risers, null) ? $this->option($risers) : null;
            if ($option !== null) {
                $options[] = $option;
            }
        }
        usort($options, static fn(StairOption $a, StairOption $b): int => $a->order() <=> $b->order());

        return $options;
    }

    private function option(int $risers): ?StairOption
    {
        $first = $last = null;
        for ($tread = self::FROM; $tread <= self::DEEPEST_TREAD; $tread += self::STEP) {
            if ($this->allows($risers, $tread)) {
                $first ??= $tread;
                $last = $tread;
            }
        }
        if ($first === null || $last === null) {
            return null;
        }

        return new StairOption(
            $risers,
            $this->rise / $risers,
            $first === self::FROM ? $first : $this->border($risers, $first - self::STEP, $first),
            $last + self::STEP > self::DEEPEST_TREAD ? $last : $this->border($risers, $last + self::STEP, $last),
            $this->treads($risers),
        );
    }

    /** The last tread that is allowed on the way from one that is to one that is not. */
    private function border(int $risers, float $refused, float $allowed): float
    {
        while (abs($allowed - $refused) > self::EXACT) {
            $middle = ($allowed + $refused) / 2;
            [$refused, $allowed] = $this->allows($risers, $middle) ? [$refused, $middle] : [$middle, $allowed];
        }

        return round($allowed, 1);
    }

    /** Does no rule of any book forbid it? What rules cannot tell of a thought they leave open. */
    private function allows(int $risers, ?float $tread): bool
    {
        foreach ($this->books as $book) {
            $facts = new ProposedStair($this->stair, $this->rise, $risers, $tread, $book, $this->settings);
            $check = new RuleCheck($book);
            foreach ($book->isAdvice ? [] : $book->rules as $rule) {
                if (self::isOfStairs($rule) && $check->check($rule, $facts)->verdict === Verdict::Violated) {
                    return false;
                }
            }
        }

        return true;
    }

    private static function isOfStairs(Rule $rule): bool
    {
        return $rule->subject === SubjectType::Stair;
    }

    /** Risers less one for each landing and for the floor that they reach; tapered treads keep their own depth. */
    private function treads(int $risers): int
    {
        $landings = count(array_filter($this->stair->parts, static fn(Flight|Landing|Winders $part): bool => $part instanceof Landing));
        $winders = array_sum(array_map(
            static fn(Flight|Landing|Winders $part): int => $part instanceof Winders ? $part->risers : 0,
            $this->stair->parts,
        ));

        return max(0, $risers - $winders - $landings - 1);
    }
}
