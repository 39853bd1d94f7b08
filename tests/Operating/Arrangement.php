<?php

declare(strict_types=1);

namespace Tests\Operating;

use GuzzleHttp\Client;
use GuzzleHttp\Exception\TransferException;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use Illuminate\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** What bin/serve starts, for the tests: a database of its own, jobs that are handed out again soon. */
final class Arrangement
{
    public const DATABASE = 'heurema_test_serve';

    /** Seconds after which a job that no worker finished is handed out again. */
    public const RETRY_AFTER = 5;

    private const PATIENCE = 180;

    public readonly string $address;

    private readonly string $folder;

    private readonly Process $process;

    /** Everybody's requests go on together. */
    private readonly CurlMultiHandler $connections;

    public function __construct(string $root)
    {
        $this->connections = new CurlMultiHandler();
        $this->folder = "{$root}/.data/serve-test";
        $port = self::freePort();
        $this->address = "https://127.0.0.1:{$port}";
        $this->process = new Process(["{$root}/bin/serve"], $root, [
            'PORT' => $port, 'RUN' => $this->folder, 'DB_NAME' => self::DATABASE, 'RETRY_AFTER' => self::RETRY_AFTER,
            'JOB_TIMEOUT' => self::RETRY_AFTER - 1,
            ...self::silence(),
        ], null, null);
    }

    public function start(): void
    {
        (new Filesystem())->deleteDirectory($this->folder);
        $this->process->start();
        $said = '';
        $until = time() + self::PATIENCE;
        while (!str_contains($said, 'Heurema is at')) {
            $said .= $this->process->getIncrementalOutput();
            if (!$this->process->isRunning() || time() > $until) {
                $this->stop();

                throw new \RuntimeException("bin/serve did not come up: {$said} {$this->process->getErrorOutput()}");
            }
            usleep(50_000);
        }
    }

    /** Does every part of it answer? */
    public function isUp(): bool
    {
        try {
            return (new Client(['verify' => false, 'http_errors' => false]))->get("{$this->address}/up")->getStatusCode() === 200;
        } catch (TransferException) {
            return false;
        }
    }

    public function stop(): void
    {
        $this->process->stop(30);
    }

    /** Somebody of the demo office who has signed in. */
    public function person(string $role): Visitor
    {
        $visitor = new Visitor(new Client([
            'handler' => HandlerStack::create($this->connections),
            'base_uri' => $this->address,
            'cookies' => true,
            'verify' => false,
            'http_errors' => false,
            'allow_redirects' => false,
            'timeout' => 20,
        ]));
        $visitor->signIn("{$role}@heurema.test", 'daylight');

        return $visitor;
    }

    /** Kills programs and all their children at once, as a machine does that loses its power. */
    public function kill(string ...$programs): void
    {
        foreach ($programs as $program) {
            posix_kill(-(int) $this->supervise('pid', $program), \SIGKILL);
        }
    }

    /** What an administrator's command said; it acts as the owner of the database. */
    public function command(string ...$words): string
    {
        $environment = 'set -a; . "$0/environment"; . "$0/owner-environment"; exec "$@"';

        return (new Process(
            ['bash', '-c', $environment, $this->folder, PHP_BINARY, 'artisan', ...$words],
            dirname($this->folder, 2),
            self::silence(),
            timeout: 120,
        ))->mustRun()->getOutput();
    }

    public function supervise(string ...$words): string
    {
        return (new Process(['supervisorctl', '-c', "{$this->folder}/supervisord.conf", ...$words]))->mustRun()->getOutput();
    }

    /** @param callable(): bool $isSo */
    public static function waitUntil(callable $isSo, string $what, int $seconds = 20): void
    {
        for ($until = microtime(true) + $seconds; !$isSo(); usleep(100_000)) {
            if (microtime(true) > $until) {
                throw new \RuntimeException("It has not come about in {$seconds} s: {$what}.");
            }
        }
    }

    public function secret(string $file): string
    {
        return (string) file_get_contents("{$this->folder}/{$file}");
    }

    /** What a Redis server says to a command. */
    public function redis(string $program, string ...$command): string
    {
        preg_match('/^port (\d+)$/m', $this->secret("{$program}.conf"), $port);

        return (new Process(
            ['redis-cli', '-p', $port[1] ?? '', ...$command],
            null,
            ['REDISCLI_AUTH' => $this->secret('redis-password')],
        ))->mustRun()->getOutput();
    }

    /** @return array<string, false> what the tests are told by their environment is not told to the arrangement */
    private static function silence(): array
    {
        return array_fill_keys(
            [
                'APP_ENV', 'APP_DEBUG', 'APP_CONFIG_CACHE', 'BCRYPT_ROUNDS', 'AUTH_TIMEBOX', 'CACHE_STORE', 'LOG_CHANNEL', 'MAIL_MAILER',
                'MAIL_QUEUE_DRIVER', 'QUEUE_CONNECTION', 'SESSION_DRIVER',
            ],
            false,
        );
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');

        return $socket === false ? 0 : (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    }
}
