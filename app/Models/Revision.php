<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\LayoutDocument;
use Database\Factories\RevisionFactory;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Layout;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A scheme as it stood when it was submitted; never changed after.
 *
 * @property int                $id
 * @property int                $scheme_id
 * @property int                $number
 * @property Layout             $layout
 * @property list<string>       $books  ids of the rule books it is held against
 * @property array<string, string> $settings what was chosen where the books leave a choice, as typed
 * @property array<string, int> $counts findings by verdict
 * @property RevisionState      $state
 * @property string|null        $brief   the client's brief as a rule book, as it was then
 * @property string|null        $decided the report that its review ended on, packed; null while it is open
 * @property string|null        $answer  what the designer says to the letter before
 * @property list<array{
 *     number: int,
 *     key: string,
 *     title: string,
 *     clause: string,
 *     subject: string,
 *     asked: string|null,
 *     answer: string|null,
 * }>|null $answers
 *     to the items of the letter before
 * @property Scheme             $scheme
 * @property User               $submitter
 * @property Carbon             $created_at
 */
final class Revision extends Model
{
    /** @use HasFactory<RevisionFactory> */
    use HasFactory;
    use HasLayout;

    /** What it was handed in with. */
    private const HANDED_IN = ['scheme_id', 'number', 'layout', 'submitted_by', 'answer', 'answers'];

    /** What it was decided with, once its letter is out. */
    private const REVIEWED = ['books', 'settings', 'brief'];

    /** What came of it; letters that went out before reports were kept have none yet. */
    private const DECIDED = ['decided', 'counts'];

    protected $attributes = [
        'settings' => '[]', 'state' => 'submitted', 'brief' => null, 'answer' => null, 'answers' => null, 'decided' => null,
    ];

    protected $fillable = [
        'number', 'layout', 'books', 'settings', 'counts', 'submitted_by', 'state', 'answer', 'answers', 'brief', 'decided',
    ];

    protected static function booted(): void
    {
        static::updating(static fn(self $revision) => $revision->guardChange());
    }

    /**
     * What was handed in never changes; once the review is over nothing does, but that the next revision takes the place of one whose
     * letter is out.
     *
     * @throws ClosedReview
     */
    private function guardChange(): void
    {
        $was = $this->getOriginal('state');
        if (!$was instanceof RevisionState) {
            return;
        }
        $kept = match (true) {
            $was->isOpen() => self::HANDED_IN,
            $was === RevisionState::Returned => [
                ...self::HANDED_IN,
                ...self::REVIEWED,
                ...($this->getOriginal('decided') === null ? [] : self::DECIDED),
            ],
            default => array_keys($this->getDirty()),
        };
        $changed = array_intersect($kept, array_keys($this->getDirty()));
        if ($changed !== []) {
            throw new ClosedReview(__('Revision :it is :was: its :changed cannot change any more.', [
                'it' => $this->id,
                'was' => $was->words(),
                'changed' => implode(', ', $changed),
            ]));
        }
    }

    /** @return BelongsTo<Scheme, $this> */
    public function scheme(): BelongsTo
    {
        return $this->belongsTo(Scheme::class);
    }

    /** @return BelongsTo<User, $this> */
    public function submitter(): BelongsTo
    {
        return $this->belongsTo(User::class, 'submitted_by');
    }

    /** @return HasMany<Ruling, $this> */
    public function rulings(): HasMany
    {
        return $this->hasMany(Ruling::class)->chaperone('revision');
    }

    /** @return HasMany<Statement, $this> */
    public function statements(): HasMany
    {
        return $this->hasMany(Statement::class)->chaperone('revision');
    }

    /** @return HasMany<Remark, $this> */
    public function remarks(): HasMany
    {
        return $this->hasMany(Remark::class)->chaperone('revision');
    }

    /** @return HasMany<Letter, $this> */
    public function letters(): HasMany
    {
        return $this->hasMany(Letter::class);
    }

    public function log(User $by, string $words): void
    {
        LogEntry::query()->create([
            'project_id' => $this->scheme->project_id,
            'revision_id' => $this->id,
            'user_id' => $by->id,
            'words' => mb_strimwidth($words, 0, 500, '…'),
        ]);
    }

    /**
     * Takes the lock under which a review changes, as it now stands.
     *
     * @throws RefusedRuling when it is over
     */
    public function lockOpen(): void
    {
        $current = self::query()->lockForUpdate()->findOrFail($this->id);
        if (!$current->state->isOpen()) {
            throw new RefusedRuling(__('The revision is :state: nothing of its review changes any more.', [
                'state' => $current->state->words(),
            ]));
        }
        $this->setRawAttributes($current->getAttributes(), true);
        $this->unsetRelation('statements');
    }

    /** @throws ClosedReview when its review is over */
    public function guardOpen(): void
    {
        if (!$this->state->isOpen()) {
            throw new ClosedReview(__('Revision :it is :state: nothing of its review changes any more.', [
                'it' => $this->id,
                'state' => $this->state->words(),
            ]));
        }
    }

    /** As it was drawn, with what reviewers have stated since. */
    public function examined(): Layout
    {
        $layout = $this->layout;
        foreach ($this->statements as $statement) {
            $layout = (new Editor())->apply($layout, $statement->patch)->layout;
        }

        return $layout;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'layout' => LayoutDocument::class, 'books' => 'array', 'settings' => 'array', 'counts' => 'array', 'answers' => 'array',
            'state' => RevisionState::class,
        ];
    }
}
