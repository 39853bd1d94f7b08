<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\RemarkFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A note of the reviewer's own, pinned to the plan.
 *
 * @property int    $id
 * @property string $storey
 * @property float  $x mm
 * @property float  $y mm
 * @property string $words
 * @property bool   $in_letter it is an item of the letter
 * @property User   $user
 * @property Carbon $created_at
 */
final class Remark extends Model
{
    /** @use HasFactory<RemarkFactory> */
    use HasFactory;

    use BelongsToOpenReview;

    protected $fillable = ['user_id', 'storey', 'x', 'y', 'words', 'in_letter'];

    protected $attributes = ['in_letter' => false];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['in_letter' => 'boolean'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
