<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Geometry\Segment;

/** Two walls in one line that meet at an end, made the first of them; the second's openings go over. */
final readonly class JoinWalls implements Edit
{
    private const MEETS = 1.0;

    public function __construct(private string $first, private string $second) {}

    public function on(Draft $draft): void
    {
        $first = $draft->find($this->first);
        $second = $draft->find($this->second);
        if ($first->list !== 'walls' || $second->list !== 'walls' || $first->storey !== $second->storey) {
            throw new RefusedEdit('Two walls of one storey are joined.');
        }
        $first->refuseIfLocked();
        $second->refuseIfLocked();
        if (($first->values['type'] ?? null) !== ($second->values['type'] ?? null) || $first->number('thickness') !== $second->number('thickness')) {
            throw new RefusedEdit('Walls of different type or thickness stay two.');
        }
        $whole = $this->whole($first->line(), $second->line());
        $this->handOpenings($draft, $first, $whole, $first->line());
        $this->handOpenings($draft, $second, $whole, $second->line());
        $draft->remove($draft->find($this->second));
        $draft->change($draft->find($this->first), ['from' => $whole->from->toArray(), 'to' => $whole->to->toArray()]);
    }

    public function words(): string
    {
        return "Walls {$this->first} and {$this->second} joined";
    }

    /** The line of both, in the direction of the first. */
    private function whole(Segment $first, Segment $second): Segment
    {
        $apart = max(abs($first->leftOf($second->from)), abs($first->leftOf($second->to)));
        if ($apart > self::MEETS) {
            throw new RefusedEdit('Only walls in one line are joined.');
        }
        foreach ([[$second->from, $second->to], [$second->to, $second->from]] as [$near, $far]) {
            if ($first->to->distanceTo($near) <= self::MEETS && $first->along($far) > $first->length()) {
                return new Segment($first->from, $far);
            }
            if ($first->from->distanceTo($near) <= self::MEETS && $first->along($far) < 0) {
                return new Segment($far, $first->to);
            }
        }

        throw new RefusedEdit('The walls do not meet at an end.');
    }

    private function handOpenings(Draft $draft, DraftElement $wall, Segment $whole, Segment $line): void
    {
        foreach ($draft->entriesOf($wall->storey, 'openings') as $values) {
            if (($values['wall'] ?? null) === $wall->id() && is_string($values['id'] ?? null)) {
                $opening = $draft->find($values['id']);
                $draft->change($opening, [
                    'wall' => $this->first,
                    'at' => round($whole->along($line->at($opening->number('at') ?? 0.0)), 4),
                    ...$this->turned($opening, $line, $whole),
                ]);
            }
        }
    }

    /**
     * In a wall that ran the other way, hinge end and side change their names.
     *
     * @return array<string, string>
     */
    private function turned(DraftElement $opening, Segment $line, Segment $whole): array
    {
        if ($line->direction()->dot($whole->direction()) > 0) {
            return [];
        }
        $other = ['from' => 'to', 'to' => 'from', 'left' => 'right', 'right' => 'left'];
        $turned = [];
        foreach (['hinge', 'opens'] as $key) {
            $value = $opening->values[$key] ?? null;
            if (is_string($value) && isset($other[$value])) {
                $turned[$key] = $other[$value];
            }
        }

        return $turned;
    }
}
