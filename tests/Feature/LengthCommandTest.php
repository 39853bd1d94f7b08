<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

final class LengthCommandTest extends TestCase
{
    public function test_prints_the_length_and_how_it_was_understood(): void
    {
        self::assertSame('{"mm":3822.7,"reading":"12 feet 6 1/2 inches"}'."\n", self::length(['12\'-6 1/2"'])->getOutput());
        self::assertSame('{"mm":2470,"reading":"2470 millimetres"}'."\n", self::length(['2470', '--units=metric'])->getOutput());
        self::assertSame('{"mm":914.4,"reading":"36 inches"}'."\n", self::length(['--units=imperial', '36'])->getOutput());
    }

    public function test_refuses_with_2_and_the_reason(): void
    {
        foreach ([
            [["3' 45/8"], 'can be read in two ways'],
            [['-5'], 'never below 0'],
            [['-5', '--units=metric'], 'never below 0'],
            [[''], 'Type a length'],
            [[], 'Type a length'],
            [['5', '--units=cubits'], '--units is imperial or metric'],
        ] as [$arguments, $message]) {
            $process = self::length($arguments);
            self::assertSame(2, $process->getExitCode(), $message);
            self::assertStringContainsString($message, $process->getErrorOutput());
            self::assertSame('', $process->getOutput());
        }
    }

    /** @param list<string> $arguments */
    private static function length(array $arguments): Process
    {
        $process = new Process([PHP_BINARY, 'artisan', 'heurema:length', ...$arguments], dirname(__DIR__, 2));
        $process->run();

        return $process;
    }
}
