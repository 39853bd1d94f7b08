<?php

declare(strict_types=1);

namespace App\Security;

/** Codes that change every half minute (RFC 6238, on the one-time codes of RFC 4226), as an app on somebody's telephone shows them. */
final class TimeCode
{
    public const STEP_SECONDS = 30;
    public const DIGITS = 6;

    /** So many steps a clock may be off, either way. */
    private const OFF = 1;

    private const SECRET_BYTES = 20;

    /** In base 32, as it is typed into an app. */
    public static function secret(): string
    {
        return Base32::encode(random_bytes(self::SECRET_BYTES));
    }

    /**
     * @param string $key  the secret's bytes
     * @param int    $step since 1970
     */
    public static function at(string $key, int $step, int $digits = self::DIGITS, string $algorithm = 'sha1'): string
    {
        $hash = hash_hmac($algorithm, pack('J', $step), $key, true);
        $offset = ord($hash[strlen($hash) - 1]) & 0x0F;
        $word = unpack('N', substr($hash, $offset, 4));
        $number = is_array($word) && is_int($word[1]) ? $word[1] & 0x7FFFFFFF : 0;

        return str_pad((string) ($number % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    /**
     * The step of which a typed code is; null when it is of none that counts.
     *
     * @param string   $secret in base 32
     * @param int|null $after  the step of the last code that was taken: none counts twice
     */
    public static function step(string $secret, string $typed, int $time, ?int $after): ?int
    {
        $code = preg_replace('/\s+/', '', $typed) ?? '';
        $now = intdiv($time, self::STEP_SECONDS);
        $found = null;
        foreach (range($now - self::OFF, $now + self::OFF) as $step) {
            if (hash_equals(self::at(Base32::decode($secret), $step), $code) && ($after === null || $step > $after)) {
                $found = $step;
            }
        }

        return $found;
    }

    /** What an app reads to take the secret over. */
    public static function address(string $secret, string $account): string
    {
        return 'otpauth://totp/'.rawurlencode("Heurema:{$account}").'?'
            .http_build_query(['secret' => $secret, 'issuer' => 'Heurema', 'digits' => self::DIGITS, 'period' => self::STEP_SECONDS]);
    }
}
