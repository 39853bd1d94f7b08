<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\LetterFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A corrections letter as it was sent; never changed after.
 *
 * @property int                  $id
 * @property int                  $revision_id
 * @property string               $html
 * @property array<string, mixed> $content as JSON readers get it
 * @property User                 $user
 * @property Revision             $revision
 * @property Carbon               $created_at
 */
final class Letter extends Model
{
    /** @use HasFactory<LetterFactory> */
    use HasFactory;

    protected $fillable = ['user_id', 'html', 'content'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Revision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['content' => 'array'];
    }
}
