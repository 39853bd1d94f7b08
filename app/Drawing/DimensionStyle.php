<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Language\Texts;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\Status;
use Heurema\Spatial\WallDatum;

/** Which dimensions a plan shows, from which lines of the walls, how they are written, and what goes with them or is hidden. */
final readonly class DimensionStyle
{
    #[Texts]
    public const OUTSIDE = [
        'overall' => 'overall',
        'chain' => 'openings, overall',
        'tiers' => 'openings, partitions, columns, overall',
        'base' => 'from one base line',
        'running' => 'running from one end',
        'none' => 'none',
    ];

    /** Where the walls that stand behind the outer ones are dimensioned, and openings. */
    #[Texts]
    public const PARTITIONS = ['faces' => 'their faces', 'middles' => 'their middles'];
    #[Texts]
    public const OPENINGS = ['edges' => 'their edges', 'middles' => 'their middles'];

    /** What carries its mark on the plan. */
    #[Texts]
    public const MARKS = [
        'openings' => 'of rooms, doors, windows, stairs',
        'all' => 'of everything',
        'none' => 'none',
    ];

    /** @param list<PlanLayer> $hidden */
    public function __construct(
        public string $outside = 'overall',
        public bool $inside = false,
        public WallDatum $datum = WallDatum::Finished,
        public string $marks = 'openings',
        public string $partitions = 'faces',
        public string $openings = 'edges',
        public LengthStyle $lengths = new LengthStyle(),
        public DimensionLook $look = new DimensionLook(),
        public array $hidden = [PlanLayer::Levels],
    ) {}

    /** @param array<string, mixed> $values as they are kept; what makes no sense is left at its default */
    public static function from(array $values): self
    {
        $word = static fn(string $key, array $words, string $default): string => is_string($values[$key] ?? null)
            && array_key_exists($values[$key], $words)
            ? $values[$key]
            : $default;

        return new self(
            outside: $word('outside', self::OUTSIDE, 'overall'),
            inside: ($values['inside'] ?? false) === true,
            datum: WallDatum::tryFrom(is_string($values['datum'] ?? null) ? $values['datum'] : '') ?? WallDatum::Finished,
            marks: $word('marks', self::MARKS, 'openings'),
            partitions: $word('partitions', self::PARTITIONS, 'faces'),
            openings: $word('openings', self::OPENINGS, 'edges'),
            lengths: new LengthStyle(
                $word('units', LengthStyle::UNITS, ''),
                $word('precision', LengthStyle::PRECISION, 'fine'),
                $word('decimals', LengthStyle::DECIMALS, ''),
                ($values['suffix'] ?? false) === true,
            ),
            look: new DimensionLook($word('text', DimensionLook::TEXTS, 'usual'), $word('ends', DimensionLook::ENDS, 'ticks')),
            hidden: PlanLayer::among($values['hidden'] ?? [PlanLayer::Levels->value]),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'outside' => $this->outside, 'inside' => $this->inside, 'datum' => $this->datum->value, 'marks' => $this->marks,
            'partitions' => $this->partitions, 'openings' => $this->openings, 'units' => $this->lengths->units,
            'precision' => $this->lengths->precision, 'decimals' => $this->lengths->decimals, 'suffix' => $this->lengths->hasSuffix,
            'text' => $this->look->text, 'ends' => $this->look->ends, 'hidden' => array_column($this->hidden, 'value'),
        ];
    }

    /**
     * The same with some of it otherwise.
     *
     * @param array<string, mixed> $values by the keys of toArray
     */
    public function with(array $values): self
    {
        return self::from([...$this->toArray(), ...$values]);
    }

    /** Room for dimensions around a plan, px. */
    public function around(): float
    {
        $rows = match ($this->hides(PlanLayer::Dimensions) ? 'none' : $this->outside) {
            'none' => 0.0,
            'overall' => 50.0,
            'chain' => 85.0,
            'tiers' => 148.0,
            'base' => 198.0,
            default => 142.0,
        };

        return $rows * $this->look->share();
    }

    public function hides(PlanLayer $layer): bool
    {
        return in_array($layer, $this->hidden, true);
    }

    /** @return string a key of MARKS */
    public function marks(): string
    {
        return $this->hides(PlanLayer::Marks) ? 'none' : $this->marks;
    }

    /** Said once beside the drawing: what the dimensions run to, their unit, and what one has to know of the walls. */
    public function says(Layout $layout): string
    {
        $to = [
            'finished face' => __('finished faces'),
            'bare structure' => __('bare structure'),
            'centre line' => __('centre lines'),
        ][$this->datum->value];
        $walls = array_merge(...array_map(static fn(Storey $storey): array => $storey->standingWalls(), $layout->storeys));

        return __('Dimensions to :to, in :units:unknownLinings:altered', [
            'to' => $to,
            'units' => __(LengthStyle::UNITS[$this->lengths->units($layout)]),
            'unknownLinings' => $this->unknownLinings($walls),
            'altered' => self::altered($walls),
        ]);
    }

    /**
     * Walls whose linings nobody said are taken to have none.
     *
     * @param list<Wall> $walls
     */
    private function unknownLinings(array $walls): string
    {
        $unknown = array_filter($walls, static fn(Wall $wall): bool => !$wall->isOpenBoundary() && $wall->lining === null);

        return match (true) {
            $this->datum !== WallDatum::Structure, $unknown === [] => '',
            count($unknown) === 1 => __('; of one wall the linings are not known: it is taken to have none'),
            default => __('; of :count walls the linings are not known: they are taken to have none', ['count' => count($unknown)]),
        };
    }

    /** @param list<Wall> $walls */
    private static function altered(array $walls): string
    {
        $statuses = array_map(static fn(Wall $wall): Status => $wall->status, $walls);

        return in_array(Status::Existing, $statuses, true) && in_array(Status::New, $statuses, true)
            ? __('; walls that stood before are grey')
            : '';
    }
}
