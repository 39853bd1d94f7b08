<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\InvitationFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A seat in an office that waits for somebody; the link's secret is kept as a hash only.
 *
 * @property int         $id
 * @property int         $office_id
 * @property string      $email
 * @property Role        $role
 * @property string      $token_hash
 * @property Carbon      $expires_at
 * @property Carbon|null $accepted_at
 * @property Office      $office
 * @property User        $user who invites
 */
final class Invitation extends Model
{
    /** @use HasFactory<InvitationFactory> */
    use HasFactory;

    public const DAYS = 14;

    protected $fillable = ['office_id', 'user_id', 'email', 'role', 'token_hash', 'expires_at', 'accepted_at'];

    /** @return BelongsTo<Office, $this> */
    public function office(): BelongsTo
    {
        return $this->belongsTo(Office::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    public function isOpen(): bool
    {
        return $this->accepted_at === null && $this->expires_at->isFuture();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'expires_at' => 'datetime', 'accepted_at' => 'datetime'];
    }

    /** The one of a token, while it can be accepted. */
    public static function open(string $token): ?self
    {
        $invitation = self::query()->with(['office', 'user'])->where('token_hash', self::hash($token))->first();

        return $invitation?->isOpen() === true ? $invitation : null;
    }
}
