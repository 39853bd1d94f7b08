<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\OfficeFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * The people who work together and see the same projects.
 *
 * @property int    $id
 * @property string $name
 * @property bool   $wants_codes principals and reviewers sign in with a second step
 * @property Carbon|null $removed_at since when it waits to be gone
 * @property string|null $paper        that its letters are set on
 * @property list<array{string, string}>|null $sheet_fields its own in title blocks
 * @property string|null $examination id of the last batch that examined everything again
 */
final class Office extends Model
{
    /** @use HasFactory<OfficeFactory> */
    use HasFactory;

    protected $fillable = ['name', 'examination', 'wants_codes', 'paper', 'sheet_fields'];

    protected $attributes = ['wants_codes' => false, 'removed_at' => null, 'paper' => null, 'sheet_fields' => null];

    public function log(User $by, string $words): void
    {
        OfficeEntry::query()->create(['office_id' => $this->id, 'user_id' => $by->id, 'words' => mb_strimwidth($words, 0, 500, '…')]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['wants_codes' => 'boolean', 'removed_at' => 'datetime', 'sheet_fields' => 'array'];
    }

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<Project, $this> */
    public function projects(): HasMany
    {
        return $this->hasMany(Project::class);
    }
}
