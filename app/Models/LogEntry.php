<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\LogEntryFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Who did what when.
 *
 * @property int           $id
 * @property string        $words
 * @property User          $user
 * @property Revision|null $revision
 * @property Carbon        $created_at
 */
final class LogEntry extends Model
{
    /** @use HasFactory<LogEntryFactory> */
    use HasFactory;

    protected $fillable = ['project_id', 'revision_id', 'user_id', 'words'];

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
}
