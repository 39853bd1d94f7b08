<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

/** What an edit did, entry by entry; turned round it undoes it exactly. It is itself an edit. */
final readonly class Patch implements Edit
{
    /** @param list<Change> $changes in the order in which they were made */
    public function __construct(public array $changes, private string $words) {}

    /** As it is kept beside a layout, to undo it later. */
    public function toJson(): string
    {
        $changes = array_map(static fn(Change $change): array => $change->toArray(), $this->changes);

        return json_encode(
            ['words' => $this->words, 'changes' => $changes],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    /** @param string $json as toJson wrote it */
    public static function fromJson(string $json): self
    {
        /**
         * @var object{words: string, changes: list<array{string|null, string|null, int, \stdClass|null, \stdClass|null}>} $kept
         *     as toJson wrote it
         */
        $kept = json_decode($json, false, 64, JSON_THROW_ON_ERROR);

        return new self(array_map(Change::of(...), $kept->changes), $kept->words);
    }

    public function reversed(): self
    {
        $changes = array_map(static fn(Change $change): Change => $change->reversed(), array_reverse($this->changes));

        return new self($changes, $this->words);
    }

    public function on(Draft $draft): void
    {
        foreach ($this->changes as $change) {
            $draft->make($change);
        }
    }

    public function words(): string
    {
        return $this->words;
    }
}
