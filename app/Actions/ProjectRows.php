<?php

declare(strict_types=1);

namespace App\Actions;

use App\Examination\Packed;
use App\Exchange\ProjectContents;
use App\Exchange\ProjectRecord;
use App\Exchange\UnreadableProject;
use App\Models\Office;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * The rows of a project that comes out of an archive. They are written as they were, by the database alone: reviews that are over are over.
 *
 * @phpstan-import-type Part from ProjectRecord
 */
final class ProjectRows
{
    /** @var list<int> ids of the people, as the archive numbers them */
    private array $people = [];

    /** @var array<int, string> what was decided together, as the archive numbers it */
    private array $batches = [];

    /** @var list<list<int>> ids of the revisions by scheme */
    private array $revisions = [];

    /** @param \Closure(string, string): string $store keeps a picture of an extension and tells where */
    public function __construct(
        private readonly Office $office,
        private readonly ProjectContents $contents,
        private readonly \Closure $store,
    ) {}

    /**
     * @return int the id of the project
     *
     * @throws UnreadableProject
     */
    public function insert(): int
    {
        $record = $this->contents->record;
        $this->people = array_map($this->person(...), self::parts($record, 'people'));
        $project = self::row('projects', [
            ...self::plain($record, ['name', 'address', 'kind', 'created_at']),
            ...self::encoded($record, ['books', 'settings', 'brief']),
            'office_id' => $this->office->id,
        ]);
        $schemes = [];
        foreach (self::parts($record, 'schemes') as $scheme) {
            $schemes[] = $this->scheme($project, $scheme);
        }
        $picked = $record['picked'] ?? null;
        if ($picked !== null) {
            DB::table('projects')->where('id', $project)->update(['picked_scheme_id' => self::at($schemes, $picked, 'picked scheme')]);
        }
        foreach (self::parts($record, 'log') as $entry) {
            self::row('log_entries', [
                ...self::plain($entry, ['words', 'created_at']),
                'project_id' => $project,
                'user_id' => $this->by($entry),
                'revision_id' => $this->revision($entry['revision'] ?? null),
            ]);
        }

        return $project;
    }

    /**
     * The one of the office who has the address; somebody else is known by his name, and cannot sign in.
     *
     * @param Part $person
     */
    private function person(array $person): int
    {
        $email = is_string($person['email']) ? Str::lower($person['email']) : null;
        $known = $email === null ? null : User::query()->where('office_id', $this->office->id)->where('email', $email)->value('id');
        if (is_int($known)) {
            return $known;
        }
        $name = is_string($person['name']) ? $person['name'] : '';
        $absent = 'absent-'.substr(
            hash('sha256', json_encode([$this->office->id, $name, $email], JSON_THROW_ON_ERROR)),
            0,
            40,
        ).User::NOWHERE;
        $known = User::query()->where('email', $absent)->value('id');

        return is_int($known) ? $known : self::row('users', [
            'office_id' => $this->office->id, 'name' => $name, 'email' => $absent, 'password' => '!', 'role' => $person['role'],
            'disabled_at' => now(), 'created_at' => now(),
        ]);
    }

    /** @param Part $scheme */
    private function scheme(int $project, array $scheme): int
    {
        $id = self::row('schemes', [
            ...self::plain($scheme, ['name', 'version', 'created_at']),
            ...self::encoded($scheme, ['dimensions', 'answers', 'imported', 'sheets']),
            'project_id' => $project,
            'layout' => $this->contents->layout(self::file($scheme, 'layout')),
        ]);
        foreach (self::distinct($scheme, 'pictures', 'storey') as $beneath) {
            $this->pictureBeneath($id, $beneath);
        }
        $this->revisions[] = array_map(
            fn(array $revision): int => $this->revisionRow($id, $revision),
            self::distinct($scheme, 'revisions', 'number'),
        );

        return $id;
    }

    /** @param Part $beneath one whose picture was gone when it was handed out is left out */
    private function pictureBeneath(int $scheme, array $beneath): void
    {
        if ($beneath['picture'] === null) {
            return;
        }
        $picture = $this->contents->picture(self::file($beneath, 'picture'));
        self::row('pictures_beneath', [
            ...self::plain($beneath, ['storey', 'x', 'y', 'mm_per_px', 'angle']),
            'scheme_id' => $scheme,
            'file' => ($this->store)($picture->extension, $picture->content),
            'width' => $picture->width,
            'height' => $picture->height,
            'created_at' => now(),
        ]);
    }

    /** @param Part $revision */
    private function revisionRow(int $scheme, array $revision): int
    {
        $decided = $revision['decided'] === null ? null : $this->contents->text(self::file($revision, 'decided'));
        $id = self::row('revisions', [
            ...self::plain($revision, ['number', 'state', 'brief', 'answer', 'created_at']),
            ...self::encoded($revision, ['books', 'settings', 'counts', 'answers']),
            'scheme_id' => $scheme,
            'layout' => $this->contents->layout(self::file($revision, 'layout')),
            'decided' => $decided === null ? null : Packed::pack($decided),
            'submitted_by' => $this->by($revision),
        ]);
        foreach (self::parts($revision, 'rulings') as $ruling) {
            self::row('rulings', [
                ...self::plain($ruling, ['finding', 'kind', 'words', 'facts', 'found']), ...$this->written($id, $ruling),
                'batch' => $this->batch($ruling['batch']),
            ]);
        }
        foreach (self::parts($revision, 'statements') as $statement) {
            self::row('statements', [...self::plain($statement, ['element', 'key', 'typed', 'patch']), ...$this->written($id, $statement)]);
        }
        foreach (self::parts($revision, 'remarks') as $remark) {
            self::row('remarks', [...self::plain($remark, ['storey', 'x', 'y', 'words', 'in_letter']), ...$this->written($id, $remark)]);
        }
        foreach (self::parts($revision, 'letters') as $letter) {
            self::row('letters', [
                ...self::encoded($letter, ['content']), ...$this->written($id, $letter),
                'html' => $this->contents->letter(self::file($letter, 'html')),
            ]);
        }

        return $id;
    }

    /**
     * @param Part $of
     *
     * @return array<string, mixed> of which revision it is, who wrote it and when
     */
    private function written(int $revision, array $of): array
    {
        return ['revision_id' => $revision, 'user_id' => $this->by($of), ...self::plain($of, ['created_at'])];
    }

    /** What was decided together stays together, and apart from what was elsewhere. */
    private function batch(mixed $number): string
    {
        return $this->batches[is_int($number) ? $number : -1] ??= (string) Str::ulid();
    }

    /** @param Part $of */
    private function by(array $of): int
    {
        return self::at($this->people, $of['by'], 'person');
    }

    /** @param mixed $place the numbers of its scheme and of itself in it; null: of none */
    private function revision(mixed $place): ?int
    {
        [$scheme, $number] = is_array($place) ? [$place[0] ?? null, $place[1] ?? null] : [null, null];
        if ($place === null) {
            return null;
        }

        return self::at($this->revisions[is_int($scheme) ? $scheme : -1] ?? [], $number, 'revision');
    }

    /** @param list<int> $ids */
    private static function at(array $ids, mixed $number, string $what): int
    {
        return $ids[is_int($number) ? $number : -1] ?? throw new UnreadableProject(
            __('The archive speaks of a :what that it does not hold.', ['what' => $what]),
        );
    }

    /** @param array<string, mixed> $values */
    private static function row(string $table, array $values): int
    {
        return DB::table($table)->insertGetId([...$values, 'updated_at' => $values['created_at']]);
    }

    /**
     * @param Part $of
     *
     * @return list<Part>
     */
    private static function parts(array $of, string $key): array
    {
        /** @var list<Part> $parts as ProjectRecord read them */
        $parts = $of[$key];

        return $parts;
    }

    /**
     * @param Part $of
     *
     * @return list<Part> no two of which have the same value
     */
    private static function distinct(array $of, string $key, string $by): array
    {
        $parts = self::parts($of, $key);
        if (count(array_unique(array_column($parts, $by), SORT_REGULAR)) !== count($parts)) {
            throw new UnreadableProject(__('The archive has two :key of the same :by.', ['key' => $key, 'by' => $by]));
        }

        return $parts;
    }

    /**
     * @param Part         $of
     * @param list<string> $keys
     *
     * @return array<string, mixed>
     */
    private static function plain(array $of, array $keys): array
    {
        $values = [];
        foreach ($keys as $key) {
            $value = $of[$key] ?? null;
            $values[$key] = $key === 'created_at' && is_string($value) ? Carbon::parse($value) : $value;
        }

        return $values;
    }

    /**
     * @param Part         $of
     * @param list<string> $keys
     *
     * @return array<string, string|null> as JSON
     */
    private static function encoded(array $of, array $keys): array
    {
        $values = [];
        foreach ($keys as $key) {
            $value = $of[$key] ?? null;
            $values[$key] = $value === null ? null : json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        }

        return $values;
    }

    /** @param Part $of */
    private static function file(array $of, string $key): string
    {
        return is_string($of[$key]) ? $of[$key] : throw new UnreadableProject(__('The archive names no file as :key.', ['key' => $key]));
    }
}
