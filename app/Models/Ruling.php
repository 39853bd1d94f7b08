<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\RulingFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What somebody decided about one finding of a revision; the latest one stands.
 *
 * @property int         $id
 * @property int         $revision_id
 * @property int         $user_id
 * @property string      $finding fingerprint
 * @property RulingKind  $kind
 * @property string|null $words   the reason or the question
 * @property string      $facts   what was found when it was decided, in words
 * @property string|null $found   the same as it was measured; null where only the words were kept
 * @property string      $batch   decided together
 * @property User        $user
 * @property Carbon      $created_at
 */
final class Ruling extends Model
{
    /** @use HasFactory<RulingFactory> */
    use HasFactory;

    use BelongsToOpenReview;

    protected $fillable = ['user_id', 'finding', 'kind', 'words', 'facts', 'found', 'batch'];

    protected $attributes = ['found' => null];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => RulingKind::class];
    }
}
