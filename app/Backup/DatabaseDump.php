<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\DatabaseManager;
use Symfony\Component\Process\Process;

/** Databases as SQL, written and read by the tools that come with the server: the same rows give the same file. */
final class DatabaseDump
{
    /** Tables whose rows are only there to be quick, or let somebody stay signed in. */
    private const WITHOUT_ROWS = ['cache', 'cache_locks', 'sessions', 'sign_ins', 'pending_pages', 'done_jobs', 'presses'];

    public function __construct(private readonly DatabaseManager $databases) {}

    /**
     * As it stood at one moment, while others go on writing.
     *
     * @throws BackupRefused
     */
    public function write(string $database, string $path): void
    {
        $ignored = array_map(static fn(string $table): string => "--ignore-table-data={$database}.{$table}", self::WITHOUT_ROWS);
        $this->run(
            [
                'mariadb-dump', ...$this->server(), '--single-transaction', '--skip-comments', '--order-by-primary', '--hex-blob',
                '--no-tablespaces', '--default-character-set=utf8mb4', ...$ignored, "--result-file={$path}", $database,
            ],
            null,
        );
    }

    /** @throws BackupRefused */
    public function read(string $path, string $database): void
    {
        $dump = @fopen($path, 'r');
        if ($dump === false) {
            throw new BackupRefused('The database of the backup cannot be read.');
        }
        $this->run(['mariadb', ...$this->server(), '--default-character-set=utf8mb4', $database], $dump);
    }

    /**
     * Whether a database holds what a file says: every table, every row.
     *
     * @throws BackupRefused
     */
    public function isIn(string $database, string $path): bool
    {
        try {
            $this->write($database, "{$path}.again");

            return hash_file('sha256', $path) === hash_file('sha256', "{$path}.again");
        } finally {
            @unlink("{$path}.again");
        }
    }

    /**
     * Does something with an empty database beside the one that is used, which is gone afterwards.
     *
     * @template T
     *
     * @param callable(string): T $work is given its name
     *
     * @return T
     */
    public function withSecond(callable $work): mixed
    {
        $name = $this->connection()->getDatabaseName().'_second';
        $this->connection()->statement("DROP DATABASE IF EXISTS `{$name}`");
        $this->connection()->statement("CREATE DATABASE `{$name}` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci");
        try {
            return $work($name);
        } finally {
            $this->connection()->statement("DROP DATABASE IF EXISTS `{$name}`");
        }
    }

    /** @return list<string> */
    private function server(): array
    {
        return [
            '--no-defaults',
            "--host={$this->setting('host')}",
            "--port={$this->setting('port')}",
            "--user={$this->setting('username')}",
        ];
    }

    private function setting(string $name): string
    {
        $value = config("database.connections.{$this->databases->getDefaultConnection()}.{$name}");

        return is_scalar($value) ? (string) $value : '';
    }

    private function connection(): ConnectionInterface
    {
        return $this->databases->connection();
    }

    /**
     * @param list<string>  $command
     * @param resource|null $input
     *
     * @throws BackupRefused
     */
    private function run(array $command, mixed $input): void
    {
        // among the arguments everybody on the machine could read it
        $process = new Process($command, env: ['MYSQL_PWD' => $this->setting('password')], input: $input, timeout: null);
        if ($process->run() !== 0) {
            throw new BackupRefused("{$command[0]}: ".trim($process->getErrorOutput()));
        }
    }
}
