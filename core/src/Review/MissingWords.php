<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Language\Text;
use Heurema\Language\Texts;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** Says what a finding lacks as a designer would ask for it: `the sill of the north window of Bedroom 2` for `n4.sill`. */
final class MissingWords
{
    /** Types whose names are proper names. */
    private const PROPER = [SubjectType::Room, SubjectType::Storey, SubjectType::Stair, SubjectType::Ramp];

    /** What is said of the home as a whole, by the document's own key. */
    #[Texts]
    private const OF_HOME = ['attic_area' => 'the area of the attic', 'grade' => 'the level of the ground', 'north' => 'where north is'];

    /** What is to be drawn, said as it stands. */
    #[Texts]
    private const AS_SAID = [
        'rooms with walls closed around them', 'outer walls closed around the dwelling', 'a room for outside',
        'a room for the rest of the home', 'something other than 0 to divide by',
    ];

    /** An opening that a stair comes up through, a boundary between rooms, a use of a space. */
    private const OPENING = '/^an opening in (.+) over ([\w-]+)$/';
    private const BOUNDARY = '/^a wall or divider between (.+) and (.+)$/';
    private const SPACE = '/^a room for the unnamed space at (.+)$/';

    /** What is to be drawn about an element, by its id. */
    #[Texts]
    private const ABOUT = ['walls closed around', 'a room under', 'a room around'];

    /** @var array<string, Subject>|null by id */
    private ?array $subjects = null;

    public function __construct(private readonly Home $home) {}

    /**
     * @param list<string> $missing as outcomes name it
     *
     * @return list<string>
     */
    public function of(array $missing): array
    {
        return array_values(array_unique(array_map(
            fn(string $names): string => implode(Text::of(' or '), array_map($this->one(...), self::alternatives($names))),
            $missing,
        )));
    }

    /** @return list<string> of which one has to be known: `r.ceiling or G.ceiling` names two, `a wall or divider between …` one */
    public static function alternatives(string $names): array
    {
        return preg_match(self::BOUNDARY, $names) === 1 ? [$names] : explode(' or ', $names);
    }

    private function one(string $name): string
    {
        if (isset(self::OF_HOME[$name])) {
            return Text::of(self::OF_HOME[$name]);
        }
        $drawn = $this->drawn($name);
        if ($drawn !== null) {
            return $drawn;
        }
        [$id, $key] = [...explode('.', $name, 2), ''];
        $subject = $key === '' || str_contains($name, ' ') ? null : $this->subject($id);
        if ($subject === null) {
            return $name;
        }
        return Text::of('the {key} of {element}', key: self::key($key), element: $this->called($id));
    }

    /** What is to be drawn; null where it is something else that is missing. */
    private function drawn(string $name): ?string
    {
        return match (true) {
            in_array($name, self::AS_SAID, true) => Text::of($name),
            preg_match('/^('.implode('|', self::ABOUT).') ([\w-]+?)(?:\.at)?$/', $name, $found) === 1
                => Text::of($found[1]).' '.$this->called($found[2]),
            preg_match(self::OPENING, $name, $found) === 1
                => Text::of('an opening in {storey} over {stair}', storey: $found[1], stair: $this->called($found[2])),
            preg_match(self::BOUNDARY, $name, $found) === 1
                => Text::of('a wall or divider between {room} and {others}', room: $found[1], others: $found[2]),
            preg_match(self::SPACE, $name, $found) === 1 => Text::of('a room for the unnamed space at {place}', place: $found[1]),
            default => null,
        };
    }

    /** What an element is called within a sentence; its id where it is none of the home's. */
    public function called(string $id): string
    {
        $subject = $this->subject($id);
        if ($subject === null) {
            return $id;
        }

        return in_array($subject->type(), self::PROPER, true)
            ? $subject->name()
            : Text::of('the {subject}', subject: Text::small($subject->name()));
    }

    /** `parts.0.flight.tread`: the tread of flight 1. */
    private static function key(string $key): string
    {
        if (preg_match('/^parts\.(\d+)\.(\w+)\.(\w+)$/', $key, $found) === 1) {
            return Text::of('{key} in part {number}', key: Text::word($found[3]), number: (int) $found[1] + 1);
        }

        return implode(
            Text::of(' of the '),
            array_reverse(array_map(static fn(string $part): string => Text::word($part), explode('.', $key))),
        );
    }

    /** The element of the home with an id; null where there is none. */
    public function subject(string $id): ?Subject
    {
        if ($this->subjects === null) {
            $this->subjects = [];
            foreach (SubjectType::cases() as $type) {
                foreach ($this->home->subjects($type) as $subject) {
                    $this->subjects[$subject->id()] ??= $subject;
                }
            }
        }

        return $this->subjects[$id] ?? null;
    }
}
