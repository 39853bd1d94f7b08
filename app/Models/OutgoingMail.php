<?php

declare(strict_types=1);

namespace App\Models;

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
    protected $fillable = ['office_id', 'to', 'subject', 'body'];
}
