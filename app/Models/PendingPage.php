<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\PendingPageFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A page of a PDF that is being drawn, to lie under a storey, or why it cannot be.
 *
 * @property int         $id
 * @property int         $scheme_id
 * @property string      $storey
 * @property string      $file    the PDF, on the disk of pictures
 * @property int         $number  of the page, from 1
 * @property string|null $refused why there is no picture of it
 * @property Scheme      $scheme
 * @property Carbon      $updated_at
 */
final class PendingPage extends Model
{
    /** @use HasFactory<PendingPageFactory> */
    use HasFactory;

    protected $fillable = ['storey', 'file', 'number', 'refused'];

    protected $attributes = ['refused' => null];

    /** @return BelongsTo<Scheme, $this> */
    public function scheme(): BelongsTo
    {
        return $this->belongsTo(Scheme::class);
    }
}
