<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Language\Texts;
use Heurema\Layout\Room;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\TapedHeight;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Naming;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/**
 * What the elements of a home are called: by what they are, their mark, their room and the side of it that they are on. Walls, soffits
 * and guards have their mark only where several would be called the same; rooms of one name are told apart by their numbers, taped
 * distances are counted from left to right on the sheet, then upwards.
 */
final class Names implements Naming
{
    /** The sides of the compass where nobody said where north is: as they lie on the sheet. */
    #[Texts]
    private const SHEET = ['right', 'upper right', 'upper', 'upper left', 'left', 'lower left', 'lower', 'lower right'];

    #[Texts]
    private const ORDINALS = [1 => 'first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];

    /** By the last figure, where it is none of the others. */
    #[Texts]
    private const ENDINGS = ['{number}th', '{number}st', '{number}nd', '{number}rd'];

    /** Where along a wall one looks for rooms, as shares of its length. */
    private const SHARES = [0.02, 0.1, 0.25, 0.4, 0.5, 0.6, 0.75, 0.9, 0.98];

    /** How far from a wall's face, mm. */
    private const LOOK = 20.0;

    /** @var array<string, array<string, string>> by type and id */
    private array $names = [];

    /** @var array<string, int>|null how many rooms have a name, by the name in small letters */
    private ?array $rooms = null;

    public function __construct(private readonly Home $home) {}

    public function of(Subject $subject): string
    {
        $type = $subject->type();
        $names = $this->names[$type->value] ??= $this->ofAll($this->home->subjects($type));

        return $names[$subject->id()] ?? $this->plainly($subject);
    }

    public function ofRoom(Room $room): string
    {
        $this->rooms ??= array_count_values(array_map(
            static fn(Room $one): string => mb_strtolower($one->name),
            array_merge(...array_map(static fn(Storey $storey): array => $storey->rooms, $this->home->layout->storeys)),
        ));

        // most are told apart by their names: marks are not worked out for those
        return match (true) {
            $room->name === $room->id => Text::of('Room {room}', room: $this->home->marks()->of($room->id)),
            $this->rooms[mb_strtolower($room->name)] > 1 => "{$room->name} ({$this->home->marks()->of($room->id)})",
            default => $room->name,
        };
    }

    /**
     * @param list<Subject> $subjects of one type
     *
     * @return array<string, string> by id
     */
    private function ofAll(array $subjects): array
    {
        $alike = [];
        foreach ($subjects as $subject) {
            $name = $this->plainly($subject);
            $alike["{$subject->storey()} {$name}"][] = [$name, $subject];
        }
        $names = [];
        foreach ($alike as $group) {
            usort($group, static fn(array $a, array $b): int => self::order($a[1]) <=> self::order($b[1]));
            foreach ($group as $number => [$name, $subject]) {
                $names[$subject->id()] = match (true) {
                    count($group) === 1 => $name,
                    $subject->type() === SubjectType::Survey => Text::capital(
                        Text::of('{ordinal} {name}', ordinal: self::ordinal($number + 1), name: Text::small($name)),
                    ),
                    default => $this->plainly($subject, $this->home->marks()->of($subject->id())),
                };
            }
        }

        return $names;
    }

    /** @param string $mark of what has its mark only where it must be told apart */
    private function plainly(Subject $subject, string $mark = ''): string
    {
        return match (true) {
            $subject instanceof PlacedOpening && $subject->roof !== null => $this->inRoom(
                Text::of('Roof window {mark}', mark: $this->mark($subject)),
                $subject->roof->room,
                $subject->plan,
            ),
            $subject instanceof PlacedOpening => $this->beside(
                "{$subject->opening->kind->words()} {$this->mark($subject)}",
                $subject->left->room,
                $subject->right->room,
                $subject->wall->line(),
                $subject->plan,
            ),
            $subject instanceof PlacedWall => $this->wall($subject, $mark),
            $subject instanceof PlacedFixture => $this->inRoom(
                ($subject->fixture->name ?? Text::capital($subject->fixture->kind->words()))." {$this->mark($subject)}",
                $subject->room,
                $subject->plan,
            ),
            $subject instanceof PlacedStair => self::climb(Text::of('Stair'), $subject->stair->name, $subject->id(), $this->mark($subject)),
            $subject instanceof PlacedRamp => self::climb(Text::of('Ramp'), $subject->ramp->name, $subject->id(), $this->mark($subject)),
            $subject instanceof HungSoffit => $this->inRoom(trim(Text::of('Soffit {mark}', mark: $mark)), $subject->room, $subject->plan),
            $subject instanceof StandingGuard => $this->inRoom(
                trim(Text::of('Guard {mark}', mark: $mark)),
                $subject->plan->roomAt($subject->middle()),
                $subject->plan,
            ),
            $subject instanceof PlacedTapedDistance && $subject->distance->height !== null => $this->tapedHeight(
                $subject->distance->height,
                $subject->distance->of ?? '',
            ),
            $subject instanceof PlacedTapedDistance => $this->inRoom(
                Text::of('Taped distance'),
                $subject->plan->roomAt($subject->drawn()->middle()),
                $subject->plan,
            ),
            default => Text::capital(Text::word($subject->type()->value)),
        };
    }

    private function mark(Subject $subject): string
    {
        return $this->home->marks()->of($subject->id());
    }

    /** Where nobody named it, its name is its id. */
    private static function climb(string $kind, string $name, string $id, string $mark): string
    {
        return ($name === $id ? $kind : $name)." {$mark}";
    }

    private function tapedHeight(TapedHeight $height, string $of): string
    {
        [$room, $opening] = [$this->home->room($of), $this->home->opening($of)];

        return match (true) {
            $room !== null => Text::of('Taped {height} of {room}', height: $height->words(), room: $room->name()),
            $opening !== null => Text::of(
                'Taped {height} of the {opening}',
                height: $height->words(),
                opening: Text::small($this->of($opening)),
            ),
            default => Text::of('Taped {height} of what is not drawn any more', height: $height->words()),
        };
    }

    private function inRoom(string $kind, ?RoomSpace $room, StoreyPlan $plan): string
    {
        return $room === null
            ? Text::of('{kind} outside the rooms of {plan}', kind: $kind, plan: $plan->name())
            : Text::of('{kind} in {room}', kind: $kind, room: $room->name());
    }

    /** @param Segment $line of the wall, its left and right as the rooms' */
    private function beside(string $kind, ?RoomSpace $left, ?RoomSpace $right, Segment $line, StoreyPlan $plan): string
    {
        return match (true) {
            $left !== null && $left === $right => Text::of('{kind} in {left}', kind: $kind, left: $left->name()),
            $left !== null && $right !== null => Text::of(
                '{kind} between {left} and {right}',
                kind: $kind,
                left: $left->name(),
                right: $right->name(),
            ),
            $left !== null => $this->onSide($line->direction()->left()->times(-1), $kind, $left->name()),
            $right !== null => $this->onSide($line->direction()->left(), $kind, $right->name()),
            default => Text::of('{kind} outside the rooms of {plan}', kind: $kind, plan: $plan->name()),
        };
    }

    private function wall(PlacedWall $wall, string $mark): string
    {
        $kind = trim(($wall->wall->isOpenBoundary() ? Text::of('Divider') : Text::of('Wall'))." {$mark}");
        $line = $wall->wall->line();
        $out = $line->direction()->left()->times($wall->wall->thickness / 2 + self::LOOK);
        [$left, $right] = [$this->rooms($wall, $out), $this->rooms($wall, $out->times(-1))];
        if (count($left) <= 1 && count($right) <= 1) {
            return $this->beside($kind, $left[0] ?? null, $right[0] ?? null, $line, $wall->plan);
        }
        return match (true) {
            $right === [] => $this->onSide($line->direction()->left()->times(-1), $kind, self::all($left)),
            $left === [] => $this->onSide($line->direction()->left(), $kind, self::all($right)),
            default => Text::of('{kind} between {left} and {right}', kind: $kind, left: self::all($left), right: self::all($right)),
        };
    }

    /** @param list<RoomSpace> $rooms */
    private static function all(array $rooms): string
    {
        return implode(', ', array_map(static fn(RoomSpace $room): string => $room->name(), $rooms));
    }

    /** @return list<RoomSpace> in order along the wall */
    private function rooms(PlacedWall $wall, Point $out): array
    {
        $rooms = [];
        foreach (self::SHARES as $share) {
            $line = $wall->wall->line();
            $room = $wall->plan->roomAt($line->at($share * $line->length())->plus($out));
            if ($room !== null) {
                $rooms[$room->id()] = $room;
            }
        }

        return array_values($rooms);
    }

    private function side(Point $outward): string
    {
        $north = $this->home->layout->north;
        $compass = new Compass($north);

        return Text::word($north === null ? self::SHEET[$compass->number($outward)] : $compass->side($outward));
    }

    /** `North window W1 of Bathroom` */
    private function onSide(Point $outward, string $kind, string $room): string
    {
        return Text::capital(Text::of('{side} {kind} of {room}', side: $this->side($outward), kind: Text::small($kind), room: $room));
    }

    /** @return array{float, float, string} */
    private static function order(Subject $subject): array
    {
        $at = match (true) {
            $subject instanceof PlacedOpening => $subject->middle(),
            $subject instanceof PlacedWall => $subject->wall->line()->middle(),
            $subject instanceof PlacedFixture => $subject->fixture->at,
            $subject instanceof HungSoffit, $subject instanceof StandingGuard => $subject->middle(),
            $subject instanceof PlacedTapedDistance => $subject->drawn()->middle(),
            default => new Point(0, 0),
        };

        return [round($at->x), round($at->y), $subject->id()];
    }

    private static function ordinal(int $number): string
    {
        $ending = in_array($number % 100, [11, 12, 13], true) ? 0 : $number % 10;

        return Text::of(self::ORDINALS[$number] ?? self::ENDINGS[$ending] ?? self::ENDINGS[0], number: $number);
    }
}
