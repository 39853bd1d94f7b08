<?php

declare(strict_types=1);

namespace Tests\Feature\Security;

use App\Security\Base32;
use App\Security\TimeCode;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TimeCodeTest extends TestCase
{
    /**
     * RFC 6238, appendix B: eight digits, steps of 30 seconds, the key as long as the hash.
     *
     * @return iterable<string, array{int, string, string}> seconds since 1970, algorithm, code
     */
    public static function published(): iterable
    {
        $codes = [
            59 => ['94287082', '46119246', '90693936'],
            1111111109 => ['07081804', '68084774', '25091201'],
            1111111111 => ['14050471', '67062674', '99943326'],
            1234567890 => ['89005924', '91819424', '93441116'],
            2000000000 => ['69279037', '90698825', '38618901'],
            20000000000 => ['65353130', '77737706', '47863826'],
        ];
        foreach ($codes as $time => $ofTime) {
            foreach (['sha1', 'sha256', 'sha512'] as $number => $algorithm) {
                yield "{$algorithm} at {$time}" => [$time, $algorithm, $ofTime[$number]];
            }
        }
    }

    #[DataProvider('published')]
    public function test_the_published_codes(int $time, string $algorithm, string $code): void
    {
        $key = substr(str_repeat('1234567890', 7), 0, strlen(hash($algorithm, '', true)));
        self::assertSame($code, TimeCode::at($key, intdiv($time, TimeCode::STEP_SECONDS), 8, $algorithm));
    }

    /**
     * RFC 4226, appendix D: the first ten codes of six digits.
     */
    public function test_the_published_codes_by_number(): void
    {
        $codes = ['755224', '287082', '359152', '969429', '338314', '254676', '287922', '162583', '399871', '520489'];
        self::assertSame($codes, array_map(static fn(int $number): string => TimeCode::at('12345678901234567890', $number), range(0, 9)));
    }

    public function test_a_code_counts_a_step_early_or_late_and_once(): void
    {
        $secret = TimeCode::secret();
        $now = 1_700_000_010;
        $code = static fn(int $off): string => TimeCode::at(Base32::decode($secret), intdiv($now, 30) + $off);
        foreach ([-1, 0, 1] as $off) {
            self::assertSame(intdiv($now, 30) + $off, TimeCode::step($secret, $code($off), $now, null));
        }
        self::assertNull(TimeCode::step($secret, $code(-2), $now, null));
        self::assertNull(TimeCode::step($secret, $code(2), $now, null));
        self::assertNull(TimeCode::step($secret, $code(0), $now, intdiv($now, 30)), 'it has been taken');
        self::assertNotNull(TimeCode::step($secret, $code(1), $now, intdiv($now, 30)));
        self::assertNotNull(TimeCode::step($secret, chunk_split($code(0), 3, ' '), $now, null), 'as people type it');
        self::assertNull(TimeCode::step($secret, '', $now, null));
    }

    /**
     * RFC 4648, section 10, without padding.
     *
     * @return iterable<string, array{string, string}>
     */
    public static function encoded(): iterable
    {
        foreach ([
            '' => '', 'f' => 'MY', 'fo' => 'MZXQ', 'foo' => 'MZXW6', 'foob' => 'MZXW6YQ', 'fooba' => 'MZXW6YTB', 'foobar' => 'MZXW6YTBOI',
        ] as $bytes => $text) {
            yield "\"{$bytes}\"" => [$bytes, $text];
        }
    }

    #[DataProvider('encoded')]
    public function test_bytes_as_letters_and_back(string $bytes, string $text): void
    {
        self::assertSame($text, Base32::encode($bytes));
        self::assertSame($bytes, Base32::decode($text));
        self::assertSame($bytes, Base32::decode(strtolower(chunk_split($text, 4, ' ')).'===='));
    }

    public function test_other_letters_are_refused(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        Base32::decode('MZX1');
    }

    public function test_an_app_reads_where_the_codes_are_for(): void
    {
        self::assertSame(
            'otpauth://totp/Heurema%3Aada%40example.test?secret=MZXW6&issuer=Heurema&digits=6&period=30',
            TimeCode::address('MZXW6', 'ada@example.test'),
        );
    }
}
