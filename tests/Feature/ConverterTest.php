<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\Converter;
use App\Files\UnfinishedConversion;
use PHPUnit\Framework\TestCase;

/** Programs beside this one run under limits of time, memory, files and their sizes. */
final class ConverterTest extends TestCase
{
    public function test_what_a_program_writes_is_given_back(): void
    {
        self::assertSame('hats', $this->php('echo strtr(stream_get_contents(STDIN), "c", getenv("LETTER"));', 'cats', ['LETTER' => 'h']));
    }

    public function test_a_program_that_does_not_end_is_stopped(): void
    {
        $began = microtime(true);
        self::assertTrue($this->failure('while (true);')->isTooLong, 'it works');
        self::assertTrue($this->failure('sleep(20);')->isTooLong, 'it waits');
        self::assertLessThan(8, microtime(true) - $began);
    }

    public function test_memory_files_and_their_sizes_are_limited(): void
    {
        self::assertFalse($this->failure('ini_set("memory_limit", "-1"); echo strlen(str_repeat("x", 2_000_000_000));')->isTooLong);
        $open = $this->php('$open = []; while ($file = @fopen("/dev/null", "r")) { $open[] = $file; } echo count($open);');
        self::assertLessThan(64, (int) $open);
        $path = (string) tempnam(sys_get_temp_dir(), 'heurema-size-');
        try {
            $this->failure(
                '$file = fopen("'.$path
                    .'", "w"); ftruncate($file, 299_999_000); fseek($file, 0, SEEK_END); while (true) { fwrite($file, '
                    .'str_repeat("x", 2000)) or exit(1); }',
            );
            clearstatcache();
            self::assertLessThanOrEqual(300_000_000, filesize($path));
        } finally {
            unlink($path);
        }
    }

    public function test_what_a_program_says_when_it_gives_up_is_in_the_message(): void
    {
        self::assertStringContainsString('no such thing', $this->failure('fwrite(STDERR, "no such thing"); exit(3);')->getMessage());
    }

    private function failure(string $code): UnfinishedConversion
    {
        try {
            $this->php($code);
        } catch (UnfinishedConversion $e) {
            return $e;
        }
        self::fail("Ended well: {$code}");
    }

    /** @param array<string, string> $environment */
    private function php(string $code, ?string $input = null, array $environment = []): string
    {
        return (new Converter(1))->run(['php', '-n', '-r', $code], $input, $environment);
    }
}
