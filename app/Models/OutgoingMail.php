<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\OutgoingMailFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A mail that would have gone out.
 *
 * @property int    $id
 * @property string $to
 * @property string $subject
 * @property string $body
 * @property Carbon $created_at
 */
final class OutgoingMail extends Model
{
    /** @use HasFactory<OutgoingMailFactory> */
    use HasFactory;

    protected $fillable = ['office_id', 'to', 'subject', 'body'];
}
