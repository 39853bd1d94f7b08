<?php

declare(strict_types=1);

namespace Tests\Operating;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The units that stand beside the supervisor's file start the same programs. */
final class SystemdTest extends TestCase
{
    private const FOLDER = __DIR__.'/../../operating';

    /** @return iterable<string, array{string, string}> unit and program of the supervisor */
    public static function units(): iterable
    {
        yield 'worker' => ['heurema-worker@.service', 'worker'];
        yield 'mails' => ['heurema-mails.service', 'mails'];
        yield 'schedule' => ['heurema-schedule.service', 'schedule'];
    }

    #[DataProvider('units')]
    public function test_a_unit_starts_what_the_supervisor_starts(string $unit, string $program): void
    {
        $command = str_replace('@JOB_TIMEOUT@', '60', self::value('supervisord.conf', "program:{$program}", 'command'));
        self::assertSame($command, str_replace('/usr/bin/', '', self::value("systemd/{$unit}", 'Service', 'ExecStart')));
        self::assertSame('always', self::value("systemd/{$unit}", 'Service', 'Restart'));
    }

    public function test_systemd_itself_reads_every_unit(): void
    {
        if (!is_executable('/usr/bin/systemd-analyze')) {
            self::markTestSkipped('systemd is not on this machine.');
        }
        $folder = sys_get_temp_dir().'/heurema-units-'.bin2hex(random_bytes(6));
        mkdir($folder);
        $said = [];
        foreach ((array) glob(self::FOLDER.'/systemd/*') as $unit) {
            $name = str_replace('@.', '@1.', basename((string) $unit));
            copy((string) $unit, "{$folder}/{$name}");
            exec('systemd-analyze verify --man=no '.escapeshellarg("{$folder}/{$name}").' 2>&1', $said);
            unlink("{$folder}/{$name}");
        }
        rmdir($folder);
        self::assertSame([], preg_grep('/heurema/', $said));
    }

    private static function value(string $file, string $section, string $key): string
    {
        $sections = parse_ini_file(self::FOLDER."/{$file}", true, INI_SCANNER_RAW);
        $values = $sections === false ? null : $sections[$section] ?? null;
        $value = is_array($values) ? $values[$key] ?? null : null;

        return is_string($value) ? $value : '';
    }
}
