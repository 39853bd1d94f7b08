<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** The rule books of a folder, one YAML file each, named after its id. */
final class Shelf
{
    /** @var array<string, RuleBook> */
    private array $read = [];

    public function __construct(private readonly string $folder, private readonly BookReader $reader) {}

    /** @return list<string> */
    public function ids(): array
    {
        $files = glob("{$this->folder}/*.yaml");

        return array_map(static fn(string $file): string => basename($file, '.yaml'), $files === false ? [] : $files);
    }

    /** @return list<RuleBook> those that can be read */
    public function readable(): array
    {
        return array_values(array_filter(array_map(fn(string $id): RuleBook|string => $this->readOrReason($id), $this->ids()), static fn(RuleBook|string $book): bool => $book instanceof RuleBook));
    }

    /** @return array<string, string> why a book cannot be read, by its id */
    public function unreadable(): array
    {
        $reasons = [];
        foreach ($this->ids() as $id) {
            $book = $this->readOrReason($id);
            $reasons += is_string($book) ? [$id => $book] : [];
        }

        return $reasons;
    }

    private function readOrReason(string $id): RuleBook|string
    {
        try {
            return $this->book($id);
        } catch (UnreadableRuleBook $e) {
            return $e->getMessage();
        }
    }

    /**
     * @throws UnreadableRuleBook when there is no such book or it makes no sense
     */
    public function book(string $id): RuleBook
    {
        if (!in_array($id, $this->ids(), true)) {
            throw new UnreadableRuleBook($id, null, 'no such rule book; there are '.implode(', ', $this->ids()));
        }

        return $this->read[$id] ??= $this->reader->readFile("{$this->folder}/{$id}.yaml");
    }
}
