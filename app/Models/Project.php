<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\ProjectFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\Relations\HasOneThrough;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * One home under review.
 *
 * @property int           $id
 * @property int           $office_id
 * @property string        $name
 * @property string|null   $address
 * @property ProjectKind|null $kind
 * @property list<string>  $books    ids of the rule books it is held against
 * @property array<string, string> $settings what it chooses where they leave a choice, as typed
 * @property array<string, mixed>|null $brief the client's wishes, as App\Briefs\KeptBrief keeps them
 * @property int|null      $picked_scheme_id the scheme that was chosen among several
 * @property Office        $office
 * @property Collection<int, Scheme> $schemes
 * @property Carbon|null   $removed_at since when nobody sees it
 * @property Carbon        $created_at
 * @property bool          $guided is it somebody's first home, with steps to follow?
 * @property Revision|null $latestRevision
 * @property Scheme|null   $firstScheme
 */
final class Project extends Model
{
    /** @use HasFactory<ProjectFactory> */
    use HasFactory;
    use SoftDeletes;

    public const DELETED_AT = 'removed_at';

    /** What every project is held against until it chooses. */
    protected $attributes = ['books' => '["us-irc-2021", "drawing"]', 'settings' => '[]', 'brief' => null, 'guided' => false];

    protected $fillable = ['name', 'address', 'books', 'settings', 'picked_scheme_id', 'brief', 'kind', 'guided'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['books' => 'array', 'settings' => 'array', 'brief' => 'array', 'guided' => 'boolean', 'kind' => ProjectKind::class];
    }

    /** @return BelongsTo<Office, $this> */
    public function office(): BelongsTo
    {
        return $this->belongsTo(Office::class);
    }

    /** @return HasMany<Scheme, $this> */
    public function schemes(): HasMany
    {
        return $this->hasMany(Scheme::class);
    }

    /** @return HasOne<Scheme, $this> */
    public function firstScheme(): HasOne
    {
        return $this->hasOne(Scheme::class)->oldestOfMany();
    }

    /** @return HasOneThrough<Revision, Scheme, $this> */
    public function latestRevision(): HasOneThrough
    {
        return $this->hasOneThrough(Revision::class, Scheme::class)->latestOfMany();
    }
}
