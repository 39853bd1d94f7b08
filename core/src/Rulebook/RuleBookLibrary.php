<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;

/** The rule books of a folder, one YAML file each, named after its id. */
final class RuleBookLibrary
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
        return array_values(array_filter(
            array_map(fn(string $id): RuleBook|string => $this->readOrReason($id), $this->ids()),
            static fn(RuleBook|string $book): bool => $book instanceof RuleBook,
        ));
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

    /** Another one whenever a book of the folder has been written anew. */
    public function stamp(): string
    {
        $files = array_map(fn(string $id): string => "{$this->folder}/{$id}.yaml", $this->ids());

        return implode(' ', array_map(static fn(string $file): string => basename($file).filemtime($file).filesize($file), $files));
    }

    /** The text of a book, though it may not make sense; null when there is no such book. */
    public function text(string $id): ?string
    {
        $text = in_array($id, $this->ids(), true) ? file_get_contents("{$this->folder}/{$id}.yaml") : false;

        return $text === false ? null : $text;
    }

    /**
     * The text of a book and of those that it amends.
     *
     * @return array<string, string> by id, the book itself first
     */
    public function texts(string $id): array
    {
        $texts = [];
        for ($next = $id; $next !== null && !isset($texts[$next]); $next = $this->book($next)->amends) {
            $texts[$next] = (string) $this->text($next);
        }

        return $texts;
    }

    /**
     * @throws UnreadableRuleBook when there is no such book or it makes no sense
     */
    public function book(string $id): RuleBook
    {
        if (!in_array($id, $this->ids(), true)) {
            throw new UnreadableRuleBook($id, null, Text::of('no such rule book; there are {list}', list: implode(', ', $this->ids())));
        }

        return $this->read[$id] ??= $this->reader->readFile("{$this->folder}/{$id}.yaml");
    }
}
