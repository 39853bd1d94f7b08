<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

use Heurema\Brief\Brief;
use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Units\Quantity;
use Heurema\Units\UnitSystem;

/** Holds the findings of a home against those of the same home drawn in another way. */
final class SameFindings
{
    /** How far amounts may differ: mm, m2, degrees, a share. */
    private const WITHIN = ['mm' => 0.2, 'm2' => 0.0005, 'deg' => 0.05, 'ratio' => 0.0005, 'count' => 0.0, 'l/s' => 0.0];

    /** A brief that measures what no book does. */
    private const WISHES = [
        'every bedroom beside a hall or a bathroom, opening from a hall, reached without crossing a kitchen, facing south',
        'no kitchen overlooking a porch', 'every bathroom in the north or south, not beside a kitchen, with doors at least 800 mm wide',
        'every living room with its own outside door, at least 3 m by 4 m, with a sofa or 2 armchairs, overlooking a terrace',
        'the largest bedroom with a bathroom of its own', 'circulation at most 12 %',
    ];

    /** What is said of the unit at the left of a gap is said of the other one in a mirror; `KitchenRunsTest` holds that. */
    private const AT_THE_LEFT = ['practice-kitchen-bath/run-gap'];

    /** From this rounding on, mm, what touches or just fits may come off; how often is counted. */
    private const COARSE = 0.1;

    /** @var array<string, Finding> */
    private array $findings = [];

    /** Verdicts that differ because the amount stands at its limit as nearly as coordinates are rounded. */
    public int $atLimit = 0;

    /** Verdicts that were held against each other. */
    public int $compared = 0;

    /** @var list<RuleBook>|null */
    private static ?array $books = null;

    /** @param array<string, mixed> $document */
    public function __construct(array $document)
    {
        $this->findings = self::examined($document);
    }

    /**
     * @param array<string, mixed>     $document
     * @param callable(string): string $name      what an id of the first home is called in this one
     * @param float                    $rounding  of coordinates, mm
     * @param bool                     $sameWalls are its walls those of the first home?
     * @param bool                     $isMirrored is left right in it?
     *
     * @return list<string> what differs, in words
     */
    public function differences(array $document, callable $name, float $rounding, bool $sameWalls, bool $isMirrored): array
    {
        $others = self::examined($document);
        $differences = [];
        foreach ($this->findings as $finding) {
            if ($isMirrored && in_array($finding->ruleName(), self::AT_THE_LEFT, true)) {
                continue;
            }
            if (in_array($finding->subject->type(), [SubjectType::Space, ...($sameWalls ? [] : [SubjectType::Wall])], true)) {
                continue;
            }
            $id = $finding->subject->type() === SubjectType::Dwelling || $finding->subject->type() === SubjectType::Storey
                ? $finding->subject->id()
                : $name($finding->subject->id());
            $other = $others["{$finding->ruleName()}/{$id}"] ?? null;
            $difference = $other === null ? 'is not found' : $this->difference($finding, $other, $rounding);
            if ($difference !== null) {
                $differences[] = "{$finding->fingerprint()}: {$difference}";
            }
        }

        return $differences;
    }

    private function difference(Finding $one, Finding $other, float $rounding): ?string
    {
        ++$this->compared;
        if ($one->verdict() !== $other->verdict()) {
            if ($this->isAtLimit($one, $rounding) || $this->isAtLimit($other, $rounding)) {
                ++$this->atLimit;

                return null;
            }

            return "{$one->verdict()->value} ({$one->measuredText()}) became {$other->verdict()->value} ({$other->measuredText()}): "
                .implode(' ', $one->working()).' / '.implode(' ', $other->working()).' '.$one->reason().' / '
                .$other->reason();
        }
        [$amount, $there] = [$one->outcome->measured, $other->outcome->measured];
        if (
            $amount === null
            || $there === null
            || ($amount->quantity === $there->quantity && abs($amount->minus($there)) <= self::within($amount, $rounding))
        ) {
            return null;
        }
        // what just fits into a width that is asked for may no longer, where coordinates are rounded to a tenth
        if ($rounding >= self::COARSE) {
            ++$this->atLimit;

            return null;
        }

        return "{$amount->number} became {$there->number} ({$one->verdict()->value}): ".implode(' ', $one->working()).' / '
            .implode(' ', $other->working());
    }

    private function isAtLimit(Finding $finding, float $rounding): bool
    {
        $measured = $finding->outcome->measured;

        return self::hangsOnTouch($finding, $rounding)
            || (
                $finding->outcome->margin !== null
                    && $measured !== null
                    && $measured->quantity !== Quantity::Count
                    && abs($finding->outcome->margin) <= self::within($measured, $rounding) + $measured->quantity->equalWithin()
            );
    }

    /**
     * What counts, or is reached, because two fixtures touch may change where coordinates are rounded to a tenth; finer ones must agree.
     */
    private static function hangsOnTouch(Finding $finding, float $rounding): bool
    {
        return $rounding >= self::COARSE && in_array($finding->outcome->measured?->quantity, [Quantity::Count, Quantity::Ratio], true);
    }

    /** Three roundings of two faces each may come together. */
    private static function within(Amount $amount, float $rounding): float
    {
        $usual = self::WITHIN[$amount->quantity->value];

        return match ($amount->quantity) {
            Quantity::Length => max($usual, 3 * $rounding),
            Quantity::Area => $usual + $rounding * 0.012,
            Quantity::Angle, Quantity::Ratio => $usual * (1 + 10 * $rounding),
            Quantity::Count, Quantity::AirFlow => 0.0,
        };
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, Finding> by rule and subject
     */
    private static function examined(array $document): array
    {
        $measures = Catalogue::standard();
        $reader = new RuleBookReader($measures);
        self::$books ??= [
            ...array_map($reader->readFile(...), self::files()),
            $reader->read(Brief::of(self::WISHES)->book(UnitSystem::Metric), Brief::ID),
        ];
        $home = new Home((new LayoutReader())->read(json_encode($document, JSON_THROW_ON_ERROR)));
        $findings = [];
        foreach ((new Examiner($measures))->examine($home, self::$books)->findings as $finding) {
            $findings["{$finding->ruleName()}/{$finding->subject->id()}"] = $finding;
        }

        return $findings;
    }

    /** @return list<string> */
    private static function files(): array
    {
        $files = glob(__DIR__.'/../../rulebooks/*.yaml');

        return $files === false ? [] : $files;
    }
}
