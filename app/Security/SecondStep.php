<?php

declare(strict_types=1);

namespace App\Security;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The second step of signing in: a code of somebody's telephone, or one of the spare codes that he keeps on paper. */
final readonly class SecondStep
{
    private const SPARE = 8;

    /** A new secret, good for nothing until a code of it has been typed. */
    public function begin(User $user): void
    {
        $user->forceFill([
            'code_secret' => TimeCode::secret(),
            'code_confirmed_at' => null,
            'code_step' => null,
            'spare_codes' => null,
        ])->save();
    }

    /** @return list<string>|null the spare codes, shown this once; null when the code is not right */
    public function confirm(User $user, string $typed): ?array
    {
        $step = $user->code_secret === null ? null : TimeCode::step($user->code_secret, $typed, now()->getTimestamp(), $user->code_step);
        if ($step === null) {
            return null;
        }
        $spare = array_map(static fn(): string => Str::lower(Str::random(5)).'-'.Str::lower(Str::random(5)), range(1, self::SPARE));
        $user->forceFill(['code_confirmed_at' => now(), 'code_step' => $step, 'spare_codes' => array_map(self::hash(...), $spare)])->save();

        return $spare;
    }

    /** Takes a code; each counts once. */
    public function takes(User $user, string $typed): bool
    {
        return DB::transaction(static function () use ($user, $typed): bool {
            $current = User::query()->lockForUpdate()->findOrFail($user->id);
            $step = $current->code_secret === null
                ? null
                : TimeCode::step($current->code_secret, $typed, now()->getTimestamp(), $current->code_step);
            if ($step !== null) {
                $current->forceFill(['code_step' => $step])->save();

                return true;
            }
            $spare = $current->spare_codes ?? [];
            $left = array_values(array_filter($spare, static fn(string $hash): bool => !hash_equals($hash, self::hash($typed))));
            if (count($left) < count($spare)) {
                $current->forceFill(['spare_codes' => $left])->save();
            }

            return count($left) < count($spare);
        });
    }

    public function drop(User $user): void
    {
        $user->forceFill(['code_secret' => null, 'code_confirmed_at' => null, 'code_step' => null, 'spare_codes' => null])->save();
    }

    private static function hash(string $spare): string
    {
        return hash('sha256', Str::lower(trim($spare)));
    }
}
