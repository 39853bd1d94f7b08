<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\LayoutPatch;
use Database\Factories\StatementFactory;
use Heurema\Layout\Edit\Patch;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A value that nobody drew, as a reviewer states it: the revision is examined with it.
 *
 * @property int    $id
 * @property string $element id of what it is said of
 * @property string $key     of the document
 * @property string $typed
 * @property Patch  $patch   what it changes
 * @property User   $user
 */
final class Statement extends Model
{
    /** @use HasFactory<StatementFactory> */
    use HasFactory;

    use BelongsToOpenReview;

    protected $fillable = ['user_id', 'element', 'key', 'typed', 'patch'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['patch' => LayoutPatch::class];
    }
}
