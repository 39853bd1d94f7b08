<?php

declare(strict_types=1);

namespace App\Security;

use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Str;

/**
 * At least twelve characters that are no common password with something hung on, no run over the keyboard, and not somebody's own name.
 * Length and a list of common ones are what is asked, not kinds of characters (NIST SP 800-63B, 5.1.1.2; from memory).
 */
final readonly class UncommonPassword implements ValidationRule
{
    public const LEAST = 12;

    /** Fewer different characters are one pattern over and over. */
    private const DIFFERENT = 5;

    private const RUNS = [
        'abcdefghijklmnopqrstuvwxyz', '01234567890123456789', 'qwertyuiopasdfghjklzxcvbnm', 'qwertzuiopasdfghjklyxcvbnm',
        'azertyuiopqsdfghjklmwxcvbn', '1qaz2wsx3edc4rfv5tgb6yhn7ujm',
    ];

    /** @param list<string> $own what is known of whose it is: name, address */
    public function __construct(private array $own = []) {}

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $problem = is_string($value) ? $this->problem($value) : __('Type a password.');
        if ($problem !== null) {
            $fail($problem);
        }
    }

    private function problem(string $password): ?string
    {
        $plain = Str::lower(Str::ascii($password));

        return match (true) {
            mb_strlen($password) < self::LEAST => __('At least :least characters: a few words in a row are easy to keep in mind.', [
                'least' => self::LEAST,
            ]),
            count(array_unique(mb_str_split($plain))) < self::DIFFERENT => __('Too few different characters: choose another one.'),
            $this->isRun($plain) => __('A run of keys is guessed first: choose another one.'),
            $this->isOwn($plain) => __('It says who you are: choose another one.'),
            self::isCommon($plain) => __('This is among the passwords that are guessed first: choose another one.'),
            default => null,
        };
    }

    private function isRun(string $plain): bool
    {
        foreach (self::RUNS as $run) {
            if (str_contains($run.$run, $plain) || str_contains(strrev($run.$run), $plain)) {
                return true;
            }
        }

        return false;
    }

    private function isOwn(string $plain): bool
    {
        $words = explode(' ', (string) preg_replace('/[^a-z0-9]+/', ' ', Str::lower(Str::ascii(implode(' ', $this->own)))));
        $left = str_replace(array_filter($words, static fn(string $word): bool => strlen($word) >= 4), '', $plain);

        return $left !== $plain && strlen($left) < 6;
    }

    /** A common one, whatever figures and signs stand before and after it, once or several times over. */
    private static function isCommon(string $plain): bool
    {
        $inLetters = static fn(string $text): string => strtr(
            $text,
            ['0' => 'o', '1' => 'i', '3' => 'e', '4' => 'a', '5' => 's', '7' => 't', '@' => 'a', '$' => 's', '!' => 'i'],
        );
        $bare = trim($plain, '0123456789!@#$%^&*()-_=+.,?/ ');
        $common = array_flip(self::common());
        foreach ([$plain, $bare, $inLetters($plain), $inLetters($bare), preg_replace('/[^a-z]+/', '', $plain) ?? ''] as $one) {
            $half = substr($one, 0, intdiv(strlen($one), 2));
            if (isset($common[$one]) || (strlen($one) % 2 === 0 && $one === $half.$half && isset($common[$half]))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    private static function common(): array
    {
        $lines = file(resource_path('security/common-passwords.txt'), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES);

        return array_values(array_filter($lines === false ? [] : $lines, static fn(string $line): bool => $line[0] !== '#'));
    }
}
