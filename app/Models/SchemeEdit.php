<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\LayoutPatch;
use Database\Factories\SchemeEditFactory;
use Heurema\Layout\Edit\Patch;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One edit of a scheme, with what undoes it.
 *
 * @property int    $id
 * @property string $words
 * @property Patch  $patch
 * @property bool   $undone
 * @property int|null $folded how many edits it stands for that were handed in long ago
 * @property User   $user
 * @property Carbon $created_at
 */
final class SchemeEdit extends Model
{
    /** @use HasFactory<SchemeEditFactory> */
    use HasFactory;

    protected $fillable = ['user_id', 'words', 'patch', 'undone', 'sent_as', 'folded'];

    protected $attributes = ['folded' => null];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['patch' => LayoutPatch::class, 'undone' => 'boolean'];
    }
}
