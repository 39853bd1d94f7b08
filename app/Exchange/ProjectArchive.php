<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Examination\Packed;
use App\Files\SealedArchive;
use App\Models\Letter;
use App\Models\LogEntry;
use App\Models\PictureBeneath;
use App\Models\Project;
use App\Models\Remark;
use App\Models\Revision;
use App\Models\Ruling;
use App\Models\Scheme;
use App\Models\Statement;
use App\Models\User;
use Heurema\Rulebook\RuleBookLibrary;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Storage;

/**
 * A whole project as one archive: `project.json` with everything about it, and beside it the documents that it names: layouts, letters,
 * reports that reviews ended on, pictures beneath plans, the texts of the rule books. What the archive numbers counts from 0 in it.
 */
final class ProjectArchive
{
    public const FORMAT = 'heurema-project-1';
    public const RECORD = 'project.json';

    /** @var array<int, int> number of each person by his id */
    private array $people = [];

    /** @var list<array<string, string|null>> */
    private array $persons = [];

    /** @var array<string, int> number of what was decided together */
    private array $batches = [];

    /** @var array<string, string> */
    private array $files = [];

    /** @var array<int, list<int>> number of the scheme and of the revision in it, by id */
    private array $revisions = [];

    private function __construct(private readonly RuleBookLibrary $library) {}

    public static function of(Project $project, RuleBookLibrary $library): string
    {
        $archive = new self($library);
        $record = $archive->project($project);
        $files = [
            self::RECORD => json_encode(
                $record,
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
            ),
            ...$archive->files,
        ];

        return SealedArchive::write(self::FORMAT, $files, now()->toIso8601ZuluString());
    }

    /** @return array<string, mixed> */
    private function project(Project $project): array
    {
        $schemes = $project->schemes()->orderBy('id')->get();
        $picked = $schemes->search(static fn(Scheme $scheme): bool => $scheme->id === $project->picked_scheme_id);
        $record = [
            'name' => $project->name,
            'address' => $project->address,
            'kind' => $project->kind?->value,
            'books' => $project->books,
            'settings' => (object) $project->settings,
            'brief' => $project->brief,
            'picked' => $picked === false ? null : $picked,
            'created_at' => self::time($project->created_at),
            'schemes' => $schemes->values()->map($this->scheme(...))->all(),
        ];
        $this->books($project->books);
        $record['log'] = LogEntry::query()->where('project_id', $project->id)->orderBy('id')->with(['user', 'revision:id'])->get()
            ->map(fn(LogEntry $entry): array => [
                'by' => $this->person($entry->user),
                'revision' => $entry->revision === null ? null : $this->revisions[$entry->revision->id] ?? null,
                'words' => $entry->words,
                'created_at' => self::time($entry->created_at),
            ])->all();

        return [...$record, 'people' => $this->persons];
    }

    /** @return array<string, mixed> */
    private function scheme(Scheme $scheme, int $number): array
    {
        return [
            'name' => $scheme->name,
            'layout' => $this->file("schemes/{$number}.json", $scheme->getRawOriginal('layout')),
            'version' => $scheme->version,
            'dimensions' => $scheme->dimensions,
            'answers' => $scheme->answers,
            'imported' => $scheme->imported,
            'sheets' => $scheme->sheets,
            'created_at' => self::time($scheme->getAttribute('created_at')),
            'pictures' => $scheme->pictures()->orderBy('id')->get()
                ->map(fn(PictureBeneath $one, int $place): array => $this->pictureBeneath($one, "{$number}-{$place}"))->all(),
            'revisions' => $scheme->revisions()->orderBy('number')->with([
                'submitter', 'letters.user', 'rulings.user', 'statements.user', 'remarks.user',
            ])->get()->values()->map(fn(Revision $one, int $place): array => $this->revision($one, $number, $place))->all(),
        ];
    }

    /** @return array<string, mixed> */
    private function pictureBeneath(PictureBeneath $beneath, string $name): array
    {
        $picture = Storage::disk(PictureBeneath::DISK)->get($beneath->file);
        $extension = pathinfo($beneath->file, PATHINFO_EXTENSION);

        return [
            'storey' => $beneath->storey,
            'picture' => $picture === null ? null : $this->file("pictures/{$name}.{$extension}", $picture),
            'x' => $beneath->x,
            'y' => $beneath->y,
            'mm_per_px' => $beneath->mm_per_px,
            'angle' => $beneath->angle,
        ];
    }

    /** @return array<string, mixed> */
    private function revision(Revision $revision, int $scheme, int $place): array
    {
        $this->revisions[$revision->id] = [$scheme, $place];
        $name = "{$scheme}-{$place}";
        $decided = $revision->decided === null ? null : Packed::unpack($revision->decided);
        if ($decided === null) {
            $this->books($revision->books);
        }

        return [
            'number' => $revision->number,
            'state' => $revision->state->value,
            'layout' => $this->file("revisions/{$name}.json", $revision->getRawOriginal('layout')),
            'books' => $revision->books,
            'settings' => (object) $revision->settings,
            'brief' => $revision->brief,
            'counts' => $revision->counts,
            'decided' => $decided === null ? null : $this->file("reports/{$name}.json", $decided),
            'by' => $this->person($revision->submitter),
            'answer' => $revision->answer,
            'answers' => $revision->answers,
            'created_at' => self::time($revision->created_at),
            'rulings' => $revision->rulings->sortBy('id')->values()->map(fn(Ruling $one): array => [
                'by' => $this->person($one->user), 'finding' => $one->finding, 'kind' => $one->kind->value, 'words' => $one->words,
                'facts' => $one->facts, 'found' => $one->found, 'batch' => $this->batches[$one->batch] ??= count($this->batches),
                'created_at' => self::time($one->created_at),
            ])->all(),
            'statements' => $revision->statements->sortBy('id')->values()->map(fn(Statement $one): array => [
                'by' => $this->person($one->user), 'element' => $one->element, 'key' => $one->key, 'typed' => $one->typed,
                'patch' => $one->getRawOriginal('patch'), 'created_at' => self::time($one->getAttribute('created_at')),
            ])->all(),
            'remarks' => $revision->remarks->sortBy('id')->values()->map(fn(Remark $one): array => [
                'by' => $this->person($one->user), 'storey' => $one->storey, 'x' => $one->x, 'y' => $one->y, 'words' => $one->words,
                'in_letter' => $one->in_letter, 'created_at' => self::time($one->created_at),
            ])->all(),
            'letters' => $revision->letters->sortBy('id')->values()->map(fn(Letter $one, int $letter): array => [
                'by' => $this->person($one->user), 'html' => $this->file("letters/{$name}-{$letter}.html", $one->html),
                'content' => $one->content, 'created_at' => self::time($one->created_at),
            ])->all(),
        ];
    }

    /** Somebody is known by his address where he is taken in, else by his name. */
    private function person(User $user): int
    {
        if (!isset($this->people[$user->id])) {
            $this->people[$user->id] = count($this->people);
            $this->persons[] = [
                'name' => $user->name, 'email' => $user->isReachable() ? $user->email : null, 'role' => $user->role->value,
            ];
        }

        return $this->people[$user->id];
    }

    /** @param list<string> $ids */
    private function books(array $ids): void
    {
        foreach ($ids as $id) {
            foreach ($this->library->texts($id) as $book => $text) {
                $this->file("books/{$book}.yaml", $text);
            }
        }
    }

    private function file(string $name, mixed $content): string
    {
        $this->files[$name] = is_string($content) ? $content : throw new \LogicException("{$name} is no text.");

        return $name;
    }

    private static function time(mixed $time): string
    {
        return $time instanceof Carbon ? $time->toIso8601ZuluString() : throw new \LogicException('A row without its time.');
    }
}
