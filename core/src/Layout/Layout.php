<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Words\Scope;
use Heurema\Units\LengthReader;
use Heurema\Units\TypingUnit;
use Heurema\Units\UnitSystem;

/** One drawn home: what the designer drew, nothing derived from it. */
final readonly class Layout
{
    public const FORMAT = 'heurema-layout';
    public const VERSION = 1;
    private const KEYS = ['format', 'version', 'name', 'units', 'typing', 'scope', 'north', 'grade', 'storeys', 'stairs', 'survey', 'axes', 'extra'];

    /**
     * @param float|null           $north  direction of true north, degrees counter-clockwise from +x; null: straight up
     * @param float|null           $grade  elevation of the finished ground at the building; null: 0
     * @param list<Storey>         $storeys lowest first
     * @param list<Stair>          $stairs
     * @param list<SurveyDistance> $survey
     * @param \stdClass|null       $extra  kept as it is
     * @param TypingUnit           $typing what a bare number counts when typed in a metric home
     * @param list<Axis>           $axes
     */
    public function __construct(
        public string $name,
        public UnitSystem $units,
        public ?float $north = null,
        public ?float $grade = null,
        public array $storeys = [],
        public array $stairs = [],
        public array $survey = [],
        public ?\stdClass $extra = null,
        public TypingUnit $typing = TypingUnit::Millimetre,
        public Scope $scope = Scope::Whole,
        public array $axes = [],
    ) {}

    /** @throws UnreadableLayout */
    public static function read(JsonCursor $place): self
    {
        self::checkFormat($place);

        return self::readWith(
            $place,
            array_map(Storey::read(...), $place->get('storeys')->items(200)),
            array_map(Stair::read(...), $place->optional('stairs')?->items() ?? []),
            array_map(SurveyDistance::read(...), $place->optional('survey')?->items() ?? []),
            array_map(Axis::read(...), $place->optional('axes')?->items(1000) ?? []),
        );
    }

    /**
     * @param list<Storey>         $storeys
     * @param list<Stair>          $stairs
     * @param list<SurveyDistance> $survey
     * @param list<Axis>           $axes
     */
    private static function readWith(JsonCursor $place, array $storeys, array $stairs, array $survey, array $axes): self
    {
        $extra = $place->optional('extra');
        if ($extra !== null && !$extra->isObject()) {
            throw $extra->refuse('expected an object');
        }

        return new self(
            $place->get('name')->name(),
            $place->get('units')->word(UnitSystem::class),
            $place->optional('north')?->angle(),
            $place->optional('grade')?->elevation(),
            $storeys,
            $stairs,
            $survey,
            $extra === null ? null : self::untouched($extra),
            $place->optional('typing')?->word(TypingUnit::class) ?? TypingUnit::Millimetre,
            $place->optional('scope')?->word(Scope::class) ?? Scope::Whole,
            $axes,
        );
    }

    /** Reads lengths as they are typed in this home. */
    public function lengths(): LengthReader
    {
        return new LengthReader($this->units, $this->typing);
    }

    /**
     * The document's own fields, without its lists, as they are written.
     *
     * @return array<string, mixed>
     *
     * @throws UnreadableLayout
     */
    public static function fields(JsonCursor $place): array
    {
        self::checkFormat($place);

        return self::readWith($place, [], [], [], [])->toArray();
    }

    private static function checkFormat(JsonCursor $place): void
    {
        $place->object(self::KEYS);
        $place->get('format')->exactly(self::FORMAT);
        $place->get('version')->exactly(self::VERSION);
    }

    /** @return array<string, mixed> in the order in which the document is written */
    public function toArray(): array
    {
        return Document::known([
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $this->name,
            'units' => $this->units->value,
            'typing' => Document::unless($this->typing, TypingUnit::Millimetre),
            'scope' => Document::unless($this->scope, Scope::Whole),
            'north' => $this->north,
            'grade' => $this->grade,
            'storeys' => array_map(static fn(Storey $storey): array => $storey->toArray(), $this->storeys),
            'stairs' => array_map(static fn(Stair $stair): array => $stair->toArray(), $this->stairs),
            'survey' => array_map(static fn(SurveyDistance $distance): array => $distance->toArray(), $this->survey),
            'axes' => Document::unlessEmpty(array_map(static fn(Axis $axis): array => $axis->toArray(), $this->axes)),
            'extra' => $this->extra,
        ]);
    }

    public function storey(string $id): ?Storey
    {
        foreach ($this->storeys as $storey) {
            if ($storey->id === $id) {
                return $storey;
            }
        }

        return null;
    }

    private static function untouched(JsonCursor $extra): ?\stdClass
    {
        $value = $extra->raw();

        return $value instanceof \stdClass ? $value : null;
    }
}
