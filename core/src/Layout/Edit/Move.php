<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\Opening;
use Heurema\Layout\Wall;
use Heurema\Units\Amount;
use Heurema\Units\MetricNotation;

/** Elements moved together by a distance; an opening goes along its wall by as much of it as runs that way. In mm. */
final readonly class Move implements Edit
{
    /** @param list<string> $ids */
    public function __construct(private array $ids, private Point $by) {}

    public function on(Draft $draft): void
    {
        foreach ($this->ids as $id) {
            $moved = $draft->find($id);
            $moved->refuseIfLocked();
            $draft->replace(
                $moved->element instanceof Opening
                    ? $this->alongWall($draft, $moved->element)
                    : $moved->element->carried(Motion::by($this->by)),
            );
        }
    }

    public function words(): string
    {
        return Text::of(
            '{ids} moved {length}',
            ids: implode(', ', $this->ids),
            length: (new MetricNotation())->write(Amount::length($this->by->length())),
        );
    }

    private function alongWall(Draft $draft, Opening $opening): Opening
    {
        $isCarried = in_array($opening->wall, $this->ids, true);

        return $isCarried
            ? $opening
            : $opening->withAt($opening->at + $this->by->dot($draft->get($opening->wall, Wall::class)->line()->direction()));
    }
}
