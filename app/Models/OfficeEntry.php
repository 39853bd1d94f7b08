<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\OfficeEntryFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Who did what about the people of an office when.
 *
 * @property int    $id
 * @property string $words
 * @property User   $user
 * @property Carbon $created_at
 */
final class OfficeEntry extends Model
{
    /** @use HasFactory<OfficeEntryFactory> */
    use HasFactory;

    protected $fillable = ['office_id', 'user_id', 'words'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
