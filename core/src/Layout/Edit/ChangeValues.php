<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Language\Text;
use Heurema\Layout\Element;
use Heurema\Layout\Opening;
use Heurema\Layout\Schema\ElementSchema;
use Heurema\Layout\Schema\KeySchema;
use Heurema\Layout\Schema\MotionRule;

/** Other values for some keys of an element; null takes a key away. */
final readonly class ChangeValues implements Edit
{
    /** @param array<string, mixed> $values */
    public function __construct(private string $id, private array $values) {}

    public function on(Draft $draft): void
    {
        $was = $draft->find($this->id);
        if (array_key_exists('id', $this->values)) {
            throw new RefusedEdit(Text::of('An id stays with its element.'));
        }
        if (array_intersect(array_keys($this->values), self::places($was->element)) !== []) {
            $was->refuseIfLocked();
        }
        $draft->replace(Draft::read(
            $was->list,
            [...$was->values(), ...$this->values],
            $draft->pointer($was->list, $was->storey, $was->position),
        ));
    }

    public function words(): string
    {
        return Text::of(
            '{it}: {list} changed',
            it: $this->id,
            list: implode(', ', array_map(static fn(string $key): string => Text::word($key), array_keys($this->values))),
        );
    }

    /** @return list<string> what would move a locked element */
    private static function places(Element $element): array
    {
        $isPlace = static fn(KeySchema $key): bool => $key->value->isPlace() || $key->underMotion() === MotionRule::Turns;

        return [
            ...array_column(array_filter(ElementSchema::of($element::class)->keys(), $isPlace), 'key'),
            ...($element instanceof Opening ? ['at', 'wall'] : []),
        ];
    }
}
