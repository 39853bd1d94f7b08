<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The command line as people and scripts use it: a process of its own, with no database at hand. */
final class CheckCommandTest extends TestCase
{
    private const DEMO = 'database/demo/orchard-terrace.json';

    public function test_text_names_each_violation_and_prints_its_time(): void
    {
        $process = self::check([self::DEMO]);
        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('VIOLATED      P2705.1  Space beside a water closet or bidet', $process->getOutput());
        self::assertStringContainsString('measured 14 3/8" (365.1 mm), limit 15" (381 mm), 5/8" (15.9 mm) short', $process->getOutput());
        self::assertStringContainsString('missing: un1.operation', $process->getOutput());
        self::assertMatchesRegularExpression('/Checked in \d+ ms\./', $process->getOutput());
        self::assertSame('', $process->getErrorOutput());
    }

    public function test_json_holds_everything_and_nothing_else_is_printed(): void
    {
        $process = self::check([self::DEMO, '--format=json', '--book=us-irc-2021']);
        self::assertSame(1, $process->getExitCode());
        $report = json_decode($process->getOutput(), true, 512, JSON_THROW_ON_ERROR);
        self::assertIsArray($report);
        self::assertSame(['layout', 'books', 'counts', 'rooms', 'findings'], array_keys($report));
        self::assertSame('14 Orchard Terrace', $report['layout']);
        self::assertSame(['us-irc-2021'], $report['books']);
        self::assertIsArray($report['findings']);
        self::assertIsArray($report['counts']);
        self::assertCount(array_sum($report['counts']), $report['findings']);
    }

    public function test_only_chooses_verdicts_and_leaves_the_counts_alone(): void
    {
        $report = json_decode(
            self::check([self::DEMO, '--format=json', '--only=advised,undetermined'])->getOutput(),
            true,
            512,
            JSON_THROW_ON_ERROR,
        );
        self::assertIsArray($report);
        self::assertIsArray($report['findings']);
        self::assertSame(
            ['undetermined', 'advised'],
            array_values(array_unique(array_filter(array_column($report['findings'], 'verdict'), is_string(...)))),
        );
        self::assertIsArray($report['counts']);
        self::assertSame(17, $report['counts']['violated']);
    }

    public function test_reads_standard_input_and_leaves_with_0_when_nothing_is_violated(): void
    {
        $process = self::check(['-'], '{"format": "heurema-layout", "version": 1, "name": "Nothing", "units": "metric", "storeys": []}');
        self::assertSame(1, $process->getExitCode(), 'an empty home lacks a toilet and a door');
        $process = self::check(['-', '--format=json'], (string) json_encode(self::sound()));
        self::assertSame(0, $process->getExitCode(), $process->getOutput());
    }

    public function test_settings_are_chosen_on_the_command_line(): void
    {
        $with = self::check([self::DEMO, '--set=whole_house_ventilation=true', '--only=violated'])->getOutput();
        self::assertStringNotContainsString('Glass for daylight', $with);
        $without = self::check([self::DEMO, '--only=violated'])->getOutput();
        self::assertStringContainsString('Glass for daylight', $without);
    }

    public function test_bad_input_leaves_with_2_and_says_where(): void
    {
        foreach ([
            [
                ['-'],
                '{"format": "heurema-layout", "version": 1, "name": "x", "units": "metric", "storeys": [{"id": "G", "walls": 3}]}',
                '/storeys/0/walls: expected a list, found 3',
            ],
            [['-'], 'no json', 'expected JSON'],
            [[], '', 'Name a layout file'],
            [['no-such-file.json'], '', 'Cannot read the file no-such-file.json.'],
            [[self::DEMO, '--book=moon-code'], '', 'moon-code: no such rule book'],
            [[self::DEMO, '--only=broken'], '', 'There is no verdict "broken".'],
            [[self::DEMO, '--format=xml'], '', '--format is text or json.'],
            [[self::DEMO, '--set=colour=red'], '', 'The books have no setting "colour".'],
            [[self::DEMO, '--set=whole_house_ventilation=maybe'], '', 'whole_house_ventilation is true or false.'],
        ] as [$arguments, $input, $message]) {
            $process = self::check($arguments, $input);
            self::assertSame(2, $process->getExitCode(), $message);
            self::assertStringContainsString($message, $process->getErrorOutput());
            self::assertSame('', $process->getOutput());
        }
    }

    /** @param list<string> $arguments */
    private static function check(array $arguments, string $input = ''): Process
    {
        $noDatabase = [
            'DB_CONNECTION' => 'mariadb', 'DB_HOST' => '127.0.0.1', 'DB_PORT' => '1', 'CACHE_STORE' => false, 'SESSION_DRIVER' => false,
        ];
        $process = new Process([PHP_BINARY, 'artisan', 'heurema:check', ...$arguments], dirname(__DIR__, 2), $noDatabase, $input);
        $process->run();

        return $process;
    }

    /** @return array<string, mixed> one room with everything us-irc-2021 asks of it */
    private static function sound(): array
    {
        return ['format' => 'heurema-layout', 'version' => 1, 'name' => 'Sound', 'units' => 'metric', 'storeys' => [[
            'id' => 'G', 'elevation' => 0, 'ceiling' => 2500,
            'walls' => [
                ['id' => 'a', 'from' => [0, 0], 'to' => [5000, 0], 'thickness' => 200, 'type' => 'exterior'],
                ['id' => 'b', 'from' => [5000, 0], 'to' => [5000, 4000], 'thickness' => 200, 'type' => 'exterior'],
                ['id' => 'c', 'from' => [5000, 4000], 'to' => [0, 4000], 'thickness' => 200, 'type' => 'exterior'],
                ['id' => 'd', 'from' => [0, 4000], 'to' => [0, 0], 'thickness' => 200, 'type' => 'exterior'],
            ],
            'openings' => [
                [
                    'id' => 'e', 'kind' => 'door', 'wall' => 'a', 'at' => 1000, 'width' => 1000, 'height' => 2100, 'operation' => 'hinged',
                    'hinge' => 'from', 'opens' => 'left',
                ],
                [
                    'id' => 'f', 'kind' => 'window', 'wall' => 'b', 'at' => 2000, 'width' => 2000, 'height' => 1500, 'sill' => 800,
                    'operation' => 'casement',
                ],
            ],
            'rooms' => [['id' => 'r', 'use' => 'kitchen', 'exhaust' => true, 'at' => [2500, 2000]]],
            'fixtures' => [
                ['id' => 'w', 'kind' => 'water_closet', 'at' => [2500, 3900], 'facing' => 270, 'width' => 380, 'depth' => 700],
                ['id' => 'l', 'kind' => 'lavatory', 'at' => [1500, 3900], 'facing' => 270, 'width' => 500, 'depth' => 400],
                ['id' => 't', 'kind' => 'bath', 'at' => [4100, 3900], 'facing' => 270, 'width' => 1600, 'depth' => 750],
                ['id' => 's', 'kind' => 'sink', 'at' => [100, 2000], 'facing' => 0, 'width' => 800, 'depth' => 600],
                ['id' => 'x', 'kind' => 'smoke_alarm', 'at' => [2500, 2000], 'facing' => 0, 'width' => 120, 'depth' => 120, 'base' => 2400],
            ],
        ]]];
    }
}
