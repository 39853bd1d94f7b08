<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\SignInFactory;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One place where somebody is signed in, wherever its session is kept.
 *
 * @property string      $id
 * @property int         $user_id
 * @property string|null $address
 * @property string|null $agent  what the browser says it is
 * @property Carbon      $seen_at
 */
final class SignIn extends Model
{
    /** @use HasFactory<SignInFactory> */
    use HasFactory;

    use HasUlids;

    public const LONGEST_AGENT = 500;

    private const BROWSERS = ['Edg/' => 'Edge', 'OPR/' => 'Opera', 'Firefox/' => 'Firefox', 'Chrome/' => 'Chrome', 'Safari/' => 'Safari'];
    private const SYSTEMS = [
        'Windows' => 'Windows', 'Android' => 'Android', 'iPhone' => 'an iPhone', 'iPad' => 'an iPad', 'Mac OS' => 'a Mac',
        'Linux' => 'Linux',
    ];

    public $timestamps = false;

    protected $fillable = ['user_id', 'address', 'agent', 'seen_at'];

    /** `Firefox on Linux` */
    public function browser(): string
    {
        return __(':named on :named2', [
            'named' => $this->named(self::BROWSERS) ?? __('A browser'),
            'named2' => $this->named(self::SYSTEMS) ?? __('some machine'),
        ]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seen_at' => 'datetime'];
    }

    /** @param array<string, string> $names by the sign of each in what a browser says it is */
    private function named(array $names): ?string
    {
        foreach ($names as $sign => $name) {
            if (str_contains($this->agent ?? '', $sign)) {
                return $name;
            }
        }

        return null;
    }
}
