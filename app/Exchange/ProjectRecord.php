<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Briefs\BriefCheck;
use App\Briefs\KeptBrief;
use App\Models\ProjectKind;
use App\Models\RevisionState;
use App\Models\Role;
use App\Models\RulingKind;
use Heurema\Brief\UnreadableWish;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;

/**
 * `project.json` of an archive, read part by part: each value of its kind and within bounds, what else there is left out.
 *
 * @phpstan-type Part array<string, mixed>
 */
final readonly class ProjectRecord
{
    private const TIME = ['required', 'date_format:Y-m-d\TH:i:s\Z'];
    private const FILE = ['required', 'string', 'max:100'];
    private const STOREY = ['required', 'string', 'max:40'];
    private const PLACE = ['required', 'numeric', 'between:-1e9,1e9'];

    private function __construct(private int $people) {}

    /**
     * @return Part the project, with its `people`, `log` and `schemes`, these with `pictures` and `revisions`, these with `rulings`,
     *              `statements`, `remarks` and `letters`
     *
     * @throws UnreadableProject with the place of what is wrong
     */
    public static function read(string $json): array
    {
        $record = json_decode($json, true, 64);
        if (!is_array($record)) {
            throw new UnreadableProject(__(':record is no JSON object.', ['record' => ProjectArchive::RECORD]));
        }
        if (($record['schemes'] ?? []) === []) {
            throw new UnreadableProject(__(':record has no scheme.', ['record' => ProjectArchive::RECORD]));
        }
        $people = $record['people'] ?? null;

        return (new self(is_array($people) ? count($people) : 0))->project($record);
    }

    /**
     * @param array<mixed> $record
     *
     * @return Part
     */
    private function project(array $record): array
    {
        return [
            ...self::part($record, 'project', [
                'name' => ['required', 'string', 'max:200'],
                'address' => ['nullable', 'string', 'max:200'],
                'kind' => ['nullable', Rule::enum(ProjectKind::class)],
                ...self::basis(),
                'brief' => ['nullable', 'array', self::readableBrief(...)],
                'picked' => ['nullable', 'integer', 'min:0'],
                'created_at' => self::TIME,
            ]),
            'people' => self::parts($record, 'people', 'people', 500, [
                'name' => ['required', 'string', 'max:255'],
                'email' => ['nullable', 'string', 'email', 'max:255'],
                'role' => ['required', Rule::enum(Role::class)],
            ]),
            'log' => self::parts($record, 'log', 'log', 50_000, [
                'by' => $this->person(),
                'revision' => ['nullable', 'array', 'size:2'],
                'revision.*' => ['integer', 'min:0'],
                'words' => ['required', 'string', 'max:500'],
                'created_at' => self::TIME,
            ]),
            'schemes' => $this->each($record, 'schemes', 'schemes', 100, $this->scheme(...)),
        ];
    }

    /**
     * @param array<mixed> $scheme
     *
     * @return Part
     */
    private function scheme(array $scheme, string $place): array
    {
        return [
            ...self::part($scheme, $place, [
                'name' => ['required', 'string', 'max:255'],
                'layout' => self::FILE,
                'version' => ['required', 'integer', 'min:1', 'max:4000000000'],
                'dimensions' => ['nullable', 'array'],
                'sheets' => ['nullable', 'array'],
                'answers' => ['nullable', 'array', 'max:1000'],
                'answers.*' => ['string', 'max:4000'],
                'created_at' => self::TIME,
            ]),
            'imported' => ($scheme['imported'] ?? null) === null ? null : self::parts($scheme, 'imported', $place, 20_000, [
                'type' => ['required', 'string'],
                'name' => ['present', 'string'],
                'outcome' => ['required', 'in:taken,simplified,left_out'],
                'reasons' => ['present', 'array'],
                'reasons.*' => ['string'],
            ]),
            // archives called them underlays once
            'pictures' => self::parts($scheme, isset($scheme['underlays']) ? 'underlays' : 'pictures', $place, 50, [
                'storey' => self::STOREY,
                'picture' => ['nullable', 'string', 'max:100'],
                'x' => self::PLACE,
                'y' => self::PLACE,
                'mm_per_px' => ['required', 'numeric', 'between:1e-6,1e6'],
                'angle' => ['required', 'numeric', 'between:-360,360'],
            ]),
            'revisions' => $this->each($scheme, 'revisions', $place, 500, $this->revision(...)),
        ];
    }

    /**
     * @param array<mixed> $revision
     *
     * @return Part
     */
    private function revision(array $revision, string $place): array
    {
        $written = ['by' => $this->person(), 'created_at' => self::TIME];

        return [
            ...self::part($revision, $place, [
                'number' => ['required', 'integer', 'min:1', 'max:100000'],
                'state' => ['required', Rule::enum(RevisionState::class)],
                'layout' => self::FILE,
                ...self::basis(),
                'brief' => ['nullable', 'string', 'max:1000000'],
                'counts' => ['required', 'array', 'max:10'],
                'counts.*' => ['integer', 'min:0'],
                'decided' => ['nullable', 'string', 'max:100'],
                'answer' => ['nullable', 'string', 'max:4000'],
                ...$written,
            ]),
            'answers' => ($revision['answers'] ?? null) === null ? null : self::parts($revision, 'answers', $place, 1000, [
                'number' => ['required', 'integer'],
                ...array_fill_keys(['key', 'title', 'clause', 'subject'], ['present', 'string']),
                ...array_fill_keys(['asked', 'answer'], ['present', 'nullable', 'string']),
            ]),
            'rulings' => self::parts($revision, 'rulings', $place, 20_000, [
                'finding' => ['required', 'string', 'max:190'],
                'kind' => ['required', Rule::enum(RulingKind::class)],
                'words' => ['nullable', 'string', 'max:10000'],
                'facts' => ['required', 'string', 'max:500'],
                'found' => ['nullable', 'json', 'max:60000'],
                'batch' => ['required', 'integer', 'min:0'],
                ...$written,
            ]),
            'statements' => self::parts($revision, 'statements', $place, 5000, [
                'element' => ['required', 'string', 'max:80'],
                'key' => ['required', 'string', 'max:40'],
                'typed' => ['required', 'string', 'max:200'],
                'patch' => ['required', 'json'],
                ...$written,
            ]),
            'remarks' => self::parts($revision, 'remarks', $place, 5000, [
                'storey' => self::STOREY,
                'x' => self::PLACE,
                'y' => self::PLACE,
                'words' => ['required', 'string', 'max:1000'],
                'in_letter' => ['required', 'boolean'],
                ...$written,
            ]),
            'letters' => self::parts(
                $revision,
                'letters',
                $place,
                100,
                ['html' => self::FILE, 'content' => ['required', 'array'], ...$written],
            ),
        ];
    }

    /** @return list<mixed> */
    private function person(): array
    {
        return ['required', 'integer', 'min:0', 'max:'.($this->people - 1)];
    }

    /** @return array<string, list<mixed>> */
    private static function basis(): array
    {
        return [
            'books' => ['required', 'array', 'min:1', 'max:20'],
            'books.*' => ['string', 'regex:~^[a-z0-9-]+$~D'],
            'settings' => ['present', 'array', 'max:100'],
            'settings.*' => ['string', 'max:100'],
        ];
    }

    /**
     * @param array<mixed>               $of
     * @param array<string, list<mixed>> $rules
     *
     * @return list<Part>
     */
    private static function parts(array $of, string $key, string $place, int $most, array $rules): array
    {
        return self::each($of, $key, $place, $most, static fn(array $part, string $where): array => self::part($part, $where, $rules));
    }

    /**
     * @param array<mixed>                         $of
     * @param callable(array<mixed>, string): Part $read is given a part and its place
     *
     * @return list<Part>
     */
    private static function each(array $of, string $key, string $place, int $most, callable $read): array
    {
        $parts = $of[$key] ?? null;
        if (!is_array($parts) || !array_is_list($parts) || count($parts) > $most) {
            throw new UnreadableProject(__(':record, :place: ":key" is a list of at most :most.', [
                'record' => ProjectArchive::RECORD,
                'place' => $place,
                'key' => $key,
                'most' => $most,
            ]));
        }
        $found = [];
        foreach ($parts as $number => $part) {
            $where = ($place === $key ? '' : "{$place}/")."{$key}/{$number}";
            $found[] = is_array($part) ? $read($part, $where) : throw new UnreadableProject(
                __(':record, :where is no object.', ['record' => ProjectArchive::RECORD, 'where' => $where]),
            );
        }

        return $found;
    }

    /**
     * @param array<mixed>               $part
     * @param array<string, list<mixed>> $rules
     *
     * @return Part those of its values that there are rules for
     */
    private static function part(array $part, string $place, array $rules): array
    {
        $keys = array_flip(array_filter(array_keys($rules), static fn(string $key): bool => !str_contains($key, '.')));
        $known = array_intersect_key($part, $keys);
        $validator = Validator::make($known, $rules);
        if ($validator->fails()) {
            throw new UnreadableProject(ProjectArchive::RECORD.", {$place}: {$validator->errors()->first()}");
        }

        return [...array_map(static fn(): mixed => null, $keys), ...$known];
    }

    /** @param \Closure(string): mixed $fail */
    private static function readableBrief(string $key, mixed $kept, \Closure $fail): void
    {
        try {
            $problem = BriefCheck::problem(KeptBrief::read(is_array($kept) ? $kept : null));
        } catch (UnreadableWish $e) {
            $problem = $e->getMessage();
        }
        if ($problem !== null) {
            $fail(__('The :key is not understood: :problem', ['key' => $key, 'problem' => $problem]));
        }
    }
}
