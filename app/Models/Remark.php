<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A note of the reviewer's own, pinned to the plan.
 *
 * @property int    $id
 * @property string $storey
 * @property float  $x mm
 * @property float  $y mm
 * @property string $words
 * @property User   $user
 */
final class Remark extends Model
{
    protected $fillable = ['user_id', 'storey', 'x', 'y', 'words'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
