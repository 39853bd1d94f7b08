<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What belongs to a review is written, changed and taken away only while it is open.
 *
 * @property Revision $revision
 */
trait BelongsToOpenReview
{
    /** @return BelongsTo<Revision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }

    protected static function bootBelongsToOpenReview(): void
    {
        static::saving(static fn(self $part) => $part->revision->guardOpen());
        static::deleting(static fn(self $part) => $part->revision->guardOpen());
    }
}
