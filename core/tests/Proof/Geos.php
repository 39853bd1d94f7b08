<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

/** A general geometry library, asked through Shapely (Debian's python3-shapely) by a script beside this file. */
final class Geos
{
    /**
     * @param list<array<string, mixed>> $asked
     *
     * @return mixed as the script prints it, one answer each
     *
     * @throws \RuntimeException with what the script says went wrong
     */
    public static function answers(string $script, array $asked): mixed
    {
        $process = proc_open(['/usr/bin/python3', __DIR__."/{$script}"], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        if ($process === false) {
            throw new \RuntimeException('Python did not start: is python3-shapely installed?');
        }
        fwrite($pipes[0], json_encode($asked, JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $output = (string) stream_get_contents($pipes[1]);
        $errors = (string) stream_get_contents($pipes[2]);
        if (proc_close($process) !== 0) {
            throw new \RuntimeException($errors);
        }

        return json_decode($output, true, 512, JSON_THROW_ON_ERROR);
    }
}
