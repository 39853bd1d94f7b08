<?php

declare(strict_types=1);

namespace Heurema\Layout\Intake;

use Heurema\Language\Text;
use Heurema\Layout\Words\RoomUse;
use Heurema\Units\ExpectedLength;
use Heurema\Units\LengthReader;
use Heurema\Units\SizeReader;
use Heurema\Units\UnitSystem;
use Heurema\Units\UnreadableLength;

/** Reads rooms as people list them, one a line: `Bedroom 11' x 12'4`, `Bad 2 1800 × 2400`, `Hall 4 ft by 12 ft`. */
final readonly class RoomList
{
    private const MOST = 200;

    /** The first that a name contains says what the room is for. */
    private const USES = [
        'studio' => RoomUse::BedLiving, 'bedsit' => RoomUse::BedLiving, 'living dining' => RoomUse::LivingDining,
        'living/dining' => RoomUse::LivingDining, 'living-dining' => RoomUse::LivingDining, 'living and dining' => RoomUse::LivingDining,
        'walk-in' => RoomUse::WalkInCloset, 'closet' => RoomUse::Closet, 'bedroom' => RoomUse::Bedroom, 'shower' => RoomUse::ShowerRoom,
        'bath' => RoomUse::Bathroom, 'en-suite' => RoomUse::Bathroom, 'ensuite' => RoomUse::Bathroom, 'powder' => RoomUse::Powder,
        'wc' => RoomUse::Wc, 'toilet' => RoomUse::Wc, 'laundry' => RoomUse::Laundry, 'utility' => RoomUse::Utility,
        'living' => RoomUse::Living, 'lounge' => RoomUse::Living, 'sitting' => RoomUse::Living, 'dining' => RoomUse::Dining,
        'kitchen' => RoomUse::Kitchen, 'study' => RoomUse::Study, 'office' => RoomUse::Study, 'hall' => RoomUse::Hall,
        'corridor' => RoomUse::Hall, 'landing' => RoomUse::Hall, 'entry' => RoomUse::Entry, 'foyer' => RoomUse::Entry,
        'stair' => RoomUse::Stair, 'pantry' => RoomUse::Pantry, 'stor' => RoomUse::Storage, 'garage' => RoomUse::Garage,
        'balcony' => RoomUse::Balcony, 'porch' => RoomUse::Porch, 'terrace' => RoomUse::Terrace, 'plant' => RoomUse::Plant,
        'bed' => RoomUse::Bedroom,
    ];

    public function __construct(private UnitSystem $units) {}

    /**
     * @return non-empty-list<ListedRoom>
     *
     * @throws UnreadableRoomList with every line that cannot be read
     */
    public function read(string $text): array
    {
        $rooms = $problems = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $number => $line) {
            if (trim($line) === '') {
                continue;
            }
            try {
                $rooms[] = $this->room(trim($line));
            } catch (UnreadableLength $e) {
                $problems[$number + 1] = $e->getMessage();
            }
        }
        if ($problems !== []) {
            throw new UnreadableRoomList($problems);
        }
        if ($rooms === [] || count($rooms) > self::MOST) {
            throw new UnreadableRoomList([1 => Text::of('List one to {most} rooms, one a line.', most: self::MOST)]);
        }

        return $rooms;
    }

    private function room(string $line): ListedRoom
    {
        try {
            [$start, $end] = SizeReader::sides($line);
        } catch (UnreadableLength) {
            throw new UnreadableLength(Text::of('Expected a name and two sides, such as Bedroom 11\' x 12\'4.'), 0);
        }
        [$name, $width] = $this->nameAndWidth($start);
        $depth = (new LengthReader($this->units))->read($end)->mm;
        foreach ([$width, $depth] as $side) {
            $doubt = ExpectedLength::RoomSide->doubt($side, $this->units);
            if ($doubt !== null) {
                throw new UnreadableLength($doubt->question($this->units->notation()), 0);
            }
        }

        return new ListedRoom($name, self::useOf($name), $width, $depth);
    }

    /**
     * The name may end in a number (`Bedroom 2 11'`): the longest ending that reads as one length is the width.
     *
     * @return array{string, float}
     */
    private function nameAndWidth(string $text): array
    {
        $words = explode(' ', (string) preg_replace('/\s+/u', ' ', trim($text)));
        $refusal = new UnreadableLength(Text::of('Expected a name before the size.'), 0);
        for ($first = 1; $first < count($words); ++$first) {
            try {
                $width = (new LengthReader($this->units))->read(implode(' ', array_slice($words, $first)))->mm;

                return [implode(' ', array_slice($words, 0, $first)), $width];
            } catch (UnreadableLength $e) {
                $refusal = $e;
            }
        }

        throw $refusal;
    }

    private static function useOf(string $name): RoomUse
    {
        foreach (self::USES as $word => $use) {
            if (str_contains(mb_strtolower($name), $word)) {
                return $use;
            }
        }

        return RoomUse::Other;
    }
}
