<?php

declare(strict_types=1);

namespace Heurema\Brief;

use Heurema\Language\Text;
use Heurema\Language\Texts;
use Heurema\Units\Notation;
use Heurema\Units\Quantity;

/** Reads what is wished of the home as a whole: `90 to 120 m2`, `circulation at most 15 %`, `2 storeys`, `storage of 5 m2`. */
final readonly class HomeClauses
{
    /** By measure: id, title, what it has to be, and how it is said. */
    #[Texts]
    private const KINDS = [
        'dwelling.sum_of_areas' => ['total', 'All rooms together', Quantity::Area, 'all rooms together {range}'],
        'dwelling.circulation_share' => ['circulation', 'Circulation', Quantity::Ratio, 'circulation {range} of the floor of all rooms'],
        'dwelling.storage_area' => ['storage', 'Storage', Quantity::Area, 'storage rooms, pantries and closets {range} together'],
        'dwelling.storey_count' => ['storeys', 'Storeys', Quantity::Count, '{range} storeys'],
    ];

    private const WORDS = [
        'circulation' => 'dwelling.circulation_share', 'storage' => 'dwelling.storage_area', 'storey' => 'dwelling.storey_count',
        'storeys' => 'dwelling.storey_count', 'story' => 'dwelling.storey_count', 'stories' => 'dwelling.storey_count',
        'floors' => 'dwelling.storey_count', 'levels' => 'dwelling.storey_count',
    ];

    public function __construct(private Sentence $sentence) {}

    /**
     * Empty, and the sentence where it was, when it does not speak of the home.
     *
     * @return list<Clause>
     *
     * @throws UnreadableWish
     */
    public function read(): array
    {
        $clauses = [];
        do {
            $place = $this->sentence->place();
            $clause = $this->clause();
            if ($clause === null) {
                $this->sentence->goBackTo($place);
                if ($clauses !== []) {
                    throw new UnreadableWish(
                        Text::of('“{word}” is nothing that can be wished of the home as a whole.', word: $this->sentence->next()),
                    );
                }

                return [];
            }
            $clauses[] = $clause;
        } while ($this->sentence->takes(',', 'and', ';', '.') && !$this->sentence->isAtEnd());
        if (!$this->sentence->isAtEnd()) {
            throw new UnreadableWish(
                Text::of('“{word}” is nothing that can be wished of the home as a whole.', word: $this->sentence->next()),
            );
        }

        return $clauses;
    }

    private function clause(): ?Clause
    {
        while ($this->sentence->takes(':', 'of', 'has', 'with', 'on', 'is', 'and', 'for')) {
        }
        $measure = $this->named();
        $this->sentence->takes('of', 'is', 'takes');
        $range = (new RangeReader($this->sentence))->read();
        if ($measure === null && $range !== null) {
            $this->sentence->takes('of', 'for');
            $measure = $this->named();
        }
        if ($measure === null && $range?->quantity === Quantity::Area) {
            $this->sentence->takes('in all', 'together', 'floor', 'large');
            $measure = 'dwelling.sum_of_areas';
        }

        return $measure === null ? null : $this->of($measure, $range);
    }

    /** The measure that is named next; a room that begins with the same word is none. */
    private function named(): ?string
    {
        $place = $this->sentence->place();
        $named = $this->sentence->takeOne([...RoomWords::all(), ...self::WORDS]);
        if (!is_string($named)) {
            $this->sentence->goBackTo($place);
        }

        return is_string($named) ? $named : null;
    }

    private function of(string $measure, ?Range $range): Clause
    {
        [$id, $title, $quantity, $says] = self::KINDS[$measure];
        $title = Text::of($title);
        if ($range === null || $range->quantity !== $quantity) {
            throw new UnreadableWish("{$title}: ".Text::of(match ($quantity) {
                Quantity::Area => 'an area with its unit, such as 12 m2 or 120 sq ft.',
                Quantity::Ratio => 'a share, such as at most 15 %.',
                default => 'a number.',
            }));
        }
        $range = match ($quantity) {
            Quantity::Area => $range->fromLow(),
            Quantity::Ratio => $range->low === $range->high ? new Range(null, $range->high, $quantity) : $range,
            default => $range,
        };

        return new Clause(
            $id,
            $title,
            [$title => [['measure' => $measure, ...$range->limit()]]],
            static fn(Notation $notation): string => Text::of($says, range: $range->says($notation)),
        );
    }
}
