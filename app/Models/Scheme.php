<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\LayoutDocument;
use Heurema\Layout\Layout;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One of several layouts of the same project, as it is being drawn.
 *
 * @property int     $id
 * @property string  $name
 * @property Layout  $layout
 * @property int     $version goes up with every edit, undo and redo
 * @property Project $project
 */
final class Scheme extends Model
{
    protected $fillable = ['name', 'layout', 'version'];

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

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['layout' => LayoutDocument::class];
    }
}
