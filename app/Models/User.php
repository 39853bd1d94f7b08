<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\UserFactory;
use Heurema\Language\Language;
use Illuminate\Contracts\Translation\HasLocalePreference;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;
use Laravel\Sanctum\HasApiTokens;
use Laravel\Sanctum\PersonalAccessToken;

/**
 * Somebody who signs in.
 *
 * @property int    $id
 * @property int    $office_id
 * @property string $name
 * @property string $email
 * @property Role   $role
 * @property Office $office
 * @property Carbon|null $disabled_at  since when nobody signs in by it
 * @property Carbon|null $removed_at   since when the account waits to be gone
 * @property string|null $code_secret  of the one-time codes, in base 32
 * @property Carbon|null $code_confirmed_at since when codes are asked for
 * @property int|null    $code_step    of the last code that was taken
 * @property list<string>|null $spare_codes hashes of those that are left
 * @property Light   $light
 * @property Density $density
 * @property Language|null $language none: that of the browser
 */
final class User extends Authenticatable implements HasLocalePreference
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    /** @use HasApiTokens<PersonalAccessToken> */
    use HasApiTokens;

    /** What the address of somebody ends in who has none. */
    public const NOWHERE = '@invalid';

    protected $fillable = ['office_id', 'name', 'email', 'password', 'role'];
    protected $hidden = ['password', 'remember_token', 'code_secret', 'spare_codes'];

    protected $attributes = [
        'disabled_at' => null, 'removed_at' => null, 'code_secret' => null, 'code_confirmed_at' => null, 'code_step' => null,
        'spare_codes' => null, 'light' => 'system', 'density' => 'usual', 'language' => null,
    ];

    /** @return BelongsTo<Office, $this> */
    public function office(): BelongsTo
    {
        return $this->belongsTo(Office::class);
    }

    /** Has he an address? Whoever has left has none, nor has somebody who is known from an archive alone. */
    public function isReachable(): bool
    {
        return !str_ends_with($this->email, self::NOWHERE);
    }

    /** Is a code asked for when he signs in? */
    public function hasCodes(): bool
    {
        return $this->code_secret !== null && $this->code_confirmed_at !== null;
    }

    /** Does his office want a second step of him that he has not set up yet? */
    public function lacksCodes(): bool
    {
        return $this->office->wants_codes && $this->role !== Role::Designer && !$this->hasCodes();
    }

    /** The language of mails to him. */
    public function preferredLocale(): string
    {
        return $this->language->value ?? config()->string('app.locale');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed', 'role' => Role::class, 'disabled_at' => 'datetime', 'removed_at' => 'datetime',
            'code_secret' => 'encrypted', 'code_confirmed_at' => 'datetime', 'spare_codes' => 'array',
            'light' => Light::class, 'density' => Density::class, 'language' => Language::class,
        ];
    }
}
