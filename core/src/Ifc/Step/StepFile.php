<?php

declare(strict_types=1);

namespace Heurema\Ifc\Step;

use Heurema\Language\Text;

/**
 * A STEP physical file (ISO 10303-21): where each entity stands in it. Entities are read when they are asked for.
 */
final class StepFile
{
    public const LARGEST_BYTES = 100 * 1024 * 1024;
    private const MOST_ENTITIES = 2_000_000;
    private const SPACE = '(?:\s++|/\*.*?\*/)*+';
    private const RECORD = '~\G'.self::SPACE."#(\\d{1,18}+)\\s*+=\\s*+(\\w*+)\\s*+\\((?:[^';]++|'[^']*+')*+;~s";

    /** What a file has most of and nobody asks for by its type. */
    private const BULK = [
        'IFCCARTESIANPOINT' => true, 'IFCPOLYLOOP' => true, 'IFCFACE' => true, 'IFCFACEOUTERBOUND' => true, 'IFCFACEBOUND' => true,
        'IFCDIRECTION' => true, 'IFCSTYLEDITEM' => true, 'IFCPRESENTATIONSTYLEASSIGNMENT' => true, 'IFCSURFACESTYLE' => true,
    ];

    /** Of the entities that were read the last so many are kept. */
    private const KEPT = 4096;

    /** The name of the schema: IFC2X3, IFC4, IFC4X3. */
    public readonly string $schema;

    /** @var array<int, int> where the type of an entity stands, by its number */
    private array $offsets = [];

    /** @var array<string, list<int>> numbers of entities by their type */
    private array $ofType = [];

    /** @var array<int, Instance> */
    private array $read = [];

    /** @throws UnreadableFile */
    public function __construct(private readonly string $text)
    {
        if (strlen($text) > self::LARGEST_BYTES) {
            throw new UnreadableFile(
                Text::of('A building model is at most {most} MB large.', most: intdiv(self::LARGEST_BYTES, 1024 * 1024)),
            );
        }
        if (preg_match('~^\xEF?\xBB?\xBF?\s*ISO-10303-21\s*;~', $text) !== 1) {
            throw new UnreadableFile(Text::of('It does not begin with ISO-10303-21: this is no building model as a STEP physical file.'));
        }
        $this->schema = self::schemaOf($text);
        $start = preg_match('~\bDATA\s*(?:\([^;]*\))?\s*;~', $text, $found, PREG_OFFSET_CAPTURE) === 1
            ? $found[0][1] + strlen($found[0][0])
            : throw new UnreadableFile(Text::of('It has no DATA section.'));
        $this->index($start);
    }

    /** @throws UnreadableFile when there is none with this number */
    public function get(int $id): Instance
    {
        if (isset($this->read[$id])) {
            return $this->read[$id];
        }
        $offset = $this->offsets[$id] ?? throw UnreadableFile::atEntity($id, Text::of('it is referred to and not written anywhere.'));
        preg_match('~\G(\w*+)\s*+~', $this->text, $found, 0, $offset);
        $from = $offset + strlen($found[0] ?? '');
        preg_match("~\\G(?:[^';]++|'[^']*+')*+~", $this->text, $record, 0, $from);
        $values = (new ArgumentReader($record[0] ?? '', $id))->read();
        if (count($this->read) >= self::KEPT) {
            $this->read = array_slice($this->read, self::KEPT / 2, null, true);
        }

        return $this->read[$id] = new Instance($id, strtoupper($found[1] ?? ''), $values, $this);
    }

    /** @return list<Instance> all of some types, in the order of the file */
    public function all(string ...$types): array
    {
        $ids = array_merge(...array_map(fn(string $type): array => $this->ofType[$type] ?? [], $types));

        return array_map($this->get(...), $ids);
    }

    /** @return array<string, int> how many entities there are of each type that counts */
    public function counts(): array
    {
        return array_map(count(...), $this->ofType);
    }

    private static function schemaOf(string $text): string
    {
        preg_match("~FILE_SCHEMA\\s*\\(\\s*\\(\\s*'([^']*)'~i", substr($text, 0, 100_000), $found);
        $schema = strtoupper($found[1] ?? '');
        foreach (['IFC2X3', 'IFC4X3', 'IFC4'] as $known) {
            if (str_starts_with($schema, $known)) {
                return $known;
            }
        }

        throw new UnreadableFile(
            $schema === ''
                ? Text::of('It does not say its schema.')
                : Text::of('Its schema is {schema}; IFC2X3, IFC4 and IFC4X3 are read.', schema: $schema),
        );
    }

    private function index(int $at): void
    {
        $last = 0;
        while (preg_match(self::RECORD, $this->text, $record, PREG_OFFSET_CAPTURE, $at) === 1) {
            $last = (int) $record[1][0];
            if (isset($this->offsets[$last])) {
                throw UnreadableFile::atEntity($last, Text::of('it is written twice.'));
            }
            $type = strtoupper($record[2][0]);
            $this->offsets[$last] = $record[2][1];
            if (!isset(self::BULK[$type])) {
                $this->ofType[$type][] = $last;
            }
            $at += strlen($record[0][0]);
            if (count($this->offsets) > self::MOST_ENTITIES) {
                throw new UnreadableFile(Text::of('It has more than {most} entities.', most: number_format(self::MOST_ENTITIES)));
            }
        }
        if (preg_match('~\G'.self::SPACE.'ENDSEC\s*;~s', $this->text, $found, 0, $at) !== 1) {
            $line = substr_count($this->text, "\n", 0, $at + strspn($this->text, " \t\r\n", $at)) + 1;
            $whole = $last === 0 ? Text::of('there is none.') : Text::of('the last one that is whole is #{last}.', last: $last);

            throw new UnreadableFile(
                Text::of('Line {line}: expected an entity or the end of the section; {whole}', line: $line, whole: $whole),
            );
        }
    }
}
