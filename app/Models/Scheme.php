<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\LayoutDocument;
use App\Drawing\DimensionStyle;
use Database\Factories\SchemeFactory;
use Heurema\Layout\Layout;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * One of several layouts of the same project, as it is being drawn.
 *
 * @property int     $id
 * @property int     $project_id
 * @property string  $name
 * @property Layout  $layout
 * @property array<string, mixed>|null $dimensions how its plans are dimensioned, as DimensionStyle keeps it
 * @property array<string, string>|null $answers what is said to the items of the letter that is out, by their keys
 * @property list<array{type: string, name: string, outcome: string, reasons: list<string>}>|null $imported what became of the elements
 *     of the building model that it came from
 * @property array<mixed>|null $sheets as SheetSet keeps them
 * @property int     $version goes up with every edit, undo and redo
 * @property Project $project
 * @property Collection<int, Revision> $revisions
 */
final class Scheme extends Model
{
    /** @use HasFactory<SchemeFactory> */
    use HasFactory;
    use HasLayout;

    protected $attributes = ['sheets' => null];

    protected $fillable = ['name', 'layout', 'version', 'dimensions', 'answers', 'imported', 'sheets'];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    /** @return HasMany<SchemeEdit, $this> */
    public function edits(): HasMany
    {
        return $this->hasMany(SchemeEdit::class);
    }

    /** @return HasMany<PictureBeneath, $this> */
    public function pictures(): HasMany
    {
        return $this->hasMany(PictureBeneath::class);
    }

    /** @return HasMany<PendingPage, $this> those of PDFs that are to lie under a storey */
    public function pages(): HasMany
    {
        return $this->hasMany(PendingPage::class);
    }

    /** The letter that waits for what is drawn now. */
    public function letterOut(): ?Letter
    {
        $latest = $this->revisions()->latest('number')->first(['id', 'scheme_id', 'number', 'state']);

        return $latest?->state === RevisionState::Returned ? $latest->letters()->latest('id')->first() : null;
    }

    /** @return HasOne<Revision, $this> */
    public function latestRevision(): HasOne
    {
        return $this->hasOne(Revision::class)->latestOfMany();
    }

    /** Nothing of its project has been handed in yet. */
    public function isDraft(): bool
    {
        return $this->project->latestRevision === null;
    }

    public function dimensionStyle(): DimensionStyle
    {
        return DimensionStyle::from($this->dimensions ?? []);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'layout' => LayoutDocument::class, 'dimensions' => 'array', 'answers' => 'array', 'imported' => 'array',
            'sheets' => 'array',
        ];
    }
}
