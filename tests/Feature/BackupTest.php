<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\PictureBeneath;
use App\Models\Role;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use Tests\TestCase;

/** Backups hold every row and picture, are tried when they are made, and are put back whole or not at all. */
final class BackupTest extends TestCase
{
    private const PICTURE = 'pictures/street.png';

    private string $database;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->database = DB::getDatabaseName().'_backup';
        $this->folder = sys_get_temp_dir().'/heurema-test-backup-'.getmypid();
        File::ensureDirectoryExists($this->folder);
        DB::statement("DROP DATABASE IF EXISTS `{$this->database}`");
        DB::statement("CREATE DATABASE `{$this->database}`");
        $this->useDatabase($this->database);
        $this->app->useStoragePath($this->folder);
        File::ensureDirectoryExists("{$this->folder}/framework");
        Storage::fake(PictureBeneath::DISK);
        Artisan::call('migrate', ['--force' => true]);
        $this->fill();
    }

    protected function tearDown(): void
    {
        DB::statement("DROP DATABASE IF EXISTS `{$this->database}`");
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_what_was_backed_up_is_there_again_row_for_row(): void
    {
        $before = $this->rows();
        self::assertGreaterThan(4, count(array_filter($before)));
        $this->artisanSays(
            'heurema:backup',
            ['file' => $this->file()],
            0,
            ', 1 picture; restored into a second database, every row is the same.',
        );
        self::assertSame('0600', substr(sprintf('%o', fileperms($this->file())), -4));

        DB::table('users')->update(['name' => 'Somebody else']);
        DB::table('revisions')->update(['layout' => '{}']);
        Storage::disk(PictureBeneath::DISK)->delete(self::PICTURE);
        $this->artisanSays('heurema:restore', ['file' => $this->file()], 1, 'not empty');
        $this->artisanSays('heurema:restore', ['file' => $this->file(), '--over' => true], 0, 'every row is the same');

        self::assertSame($before, $this->rows());
        self::assertSame('a picture', Storage::disk(PictureBeneath::DISK)->get(self::PICTURE));
        self::assertFileDoesNotExist("{$this->folder}/framework/down");
    }

    public function test_an_empty_database_takes_a_backup(): void
    {
        $before = $this->rows();
        $this->artisanSays('heurema:backup', ['file' => $this->file()], 0, '');
        Schema::dropAllTables();
        $this->artisanSays('heurema:restore', ['file' => $this->file()], 0, '');
        self::assertSame($before, $this->rows());
    }

    public function test_missing_pictures_are_named(): void
    {
        Storage::disk(PictureBeneath::DISK)->delete(self::PICTURE);
        $this->artisanSays('heurema:backup', ['file' => $this->file()], 0, 'The picture '.self::PICTURE.' is missing.');
    }

    public function test_what_is_no_backup_or_damaged_changes_nothing(): void
    {
        $this->artisanSays('heurema:backup', ['file' => "{$this->folder}/nowhere/backup.zip"], 1, 'cannot be written');
        $this->artisanSays('heurema:backup', ['file' => $this->file()], 0, '');
        $before = $this->rows();
        File::put("{$this->folder}/text.zip", 'no archive');
        $this->artisanSays('heurema:restore', ['file' => "{$this->folder}/text.zip", '--over' => true], 1, 'is no backup');
        $wrongs = [
            'no backup of Heurema' => ['manifest.json' => '{}'],
            'is damaged: database.sql' => ['database.sql' => 'DROP TABLE users;'],
            'no backup holds' => [
                'manifest.json' => (string) json_encode([
                    'format' => 'heurema-backup-1',
                    'files' => ['database.sql' => 'x', 'pictures/../../x.png' => 'x'],
                ]),
            ],
            'later version of Heurema: 2099_01_01_000001_fly' => [
                'manifest.json' => $this->manifest(
                    static fn(array $manifest): array => ['migrations' => ['2099_01_01_000001_fly']] + $manifest,
                ),
            ],
        ];
        foreach ($wrongs as $message => $files) {
            File::copy($this->file(), "{$this->folder}/wrong.zip");
            $zip = new \ZipArchive();
            $zip->open("{$this->folder}/wrong.zip");
            foreach ($files as $name => $content) {
                $zip->addFromString($name, $content);
            }
            $zip->close();
            $this->artisanSays('heurema:restore', ['file' => "{$this->folder}/wrong.zip", '--over' => true], 1, $message);
            self::assertSame($before, $this->rows(), $message);
        }
        self::assertSame([], glob(sys_get_temp_dir().'/heurema-backup-*'), 'nothing is left in the temporary folder');
    }

    public function test_an_upgrade_that_fails_halfway_leaves_everything_as_it_was(): void
    {
        $this->artisanSays('heurema:upgrade', [], 0, '');
        self::assertSame([], glob("{$this->folder}/app/backups/*"), 'nothing to do: no backup');
        $before = $this->rows();
        $this->migration('fails', 'DROP TABLE rulings', 'DELETE FROM pictures_beneath', 'NONSENSE');
        $this->artisanSays('heurema:upgrade', [], 1, 'is as it was before');
        self::assertSame($before, $this->rows());
        self::assertFileDoesNotExist("{$this->folder}/framework/down");
        self::assertCount(1, File::files("{$this->folder}/app/backups"));

        $connection = DB::connectUsing('another', (array) config('database.connections.'.DB::getDefaultConnection()));
        $connection->scalar('SELECT GET_LOCK(?, 0)', ["{$this->database}-backup"]);
        $this->artisanSays('heurema:upgrade', [], 1, 'there is no backup: Another backup is being made');
        self::assertFileDoesNotExist("{$this->folder}/framework/down");
        self::assertSame($before, $this->rows());
        $connection->scalar('SELECT RELEASE_LOCK(?)', ["{$this->database}-backup"]);

        $this->migration('works', 'ALTER TABLE pictures_beneath ADD note VARCHAR(20)');
        $this->artisanSays('heurema:upgrade', [], 0, 'The database is up to date.');
        self::assertTrue(Schema::hasColumn('pictures_beneath', 'note'));
        $this->artisanSays(
            'heurema:restore',
            ['file' => File::files("{$this->folder}/app/backups")[0]->getPathname(), '--over' => true],
            0,
            '',
        );
        self::assertSame($before, $this->rows());
    }

    public function test_no_two_run_at_once(): void
    {
        $connection = DB::connectUsing('another', (array) config('database.connections.'.DB::getDefaultConnection()));
        self::assertSame(1, $connection->scalar('SELECT GET_LOCK(?, 0)', ["{$this->database}-backup"]));
        $this->artisanSays('heurema:backup', ['file' => $this->file()], 1, 'Another backup is being made or put back.');
        $connection->scalar('SELECT RELEASE_LOCK(?)', ["{$this->database}-backup"]);
        $this->artisanSays('heurema:backup', ['file' => $this->file()], 0, '');
        $this->artisanSays('heurema:backup', ['file' => $this->file()], 0, '');
    }

    public function test_backups_of_upgrades_are_pruned_but_for_the_last(): void
    {
        $names = [
            'before-2026-01-01-120000.zip' => 200,
            'before-2026-02-01-120000.zip' => 91,
            'before-2026-03-01-120000.zip' => 89,
            'before-2026-04-01-120000.zip' => 92,
        ];
        foreach ($names as $name => $days) {
            File::ensureDirectoryExists("{$this->folder}/app/backups");
            touch("{$this->folder}/app/backups/{$name}", now()->subDays($days)->getTimestamp());
        }
        $this->artisanSays('heurema:prune', [], 0, '');
        self::assertSame(
            ['before-2026-03-01-120000.zip', 'before-2026-04-01-120000.zip'],
            array_map(basename(...), array_map(strval(...), File::files("{$this->folder}/app/backups"))),
        );
    }

    private function fill(): void
    {
        $reviewer = User::factory()->create(['role' => Role::Reviewer, 'name' => "Zoë O'Hara \\ 'quoted' \u{1F3E0}"]);
        $revision = $this->app->make(OpenProject::class)->open(
            $reviewer,
            (new LayoutReader())->read(File::get(self::demoFile('ferry-cottage'))),
            null,
            ['us-irc-2021', 'drawing'],
        );
        $revision->scheme->pictures()->create([
            'storey' => 'ground', 'file' => self::PICTURE, 'width' => 10, 'height' => 10, 'x' => 0.1, 'y' => -1 / 3, 'mm_per_px' => 2.5,
            'angle' => 0,
        ]);
        Storage::disk(PictureBeneath::DISK)->put(self::PICTURE, 'a picture');
    }

    /** @return array<string, list<string>> by table */
    private function rows(): array
    {
        $rows = [];
        foreach (array_diff(
            Schema::getTableListing($this->database, false),
            ['cache', 'cache_locks', 'sessions', 'sign_ins', 'pending_pages', 'done_jobs', 'presses'],
        ) as $table) {
            $rows[$table] = array_values(DB::table($table)->get()->map(static fn(object $row): string => serialize($row))->sort()->all());
        }
        ksort($rows);

        return $rows;
    }

    private function migration(string $name, string ...$statements): void
    {
        $lines = implode("\n", array_map(static fn(string $statement): string => "DB::statement('{$statement}');", $statements));
        File::deleteDirectory("{$this->folder}/migrations");
        File::ensureDirectoryExists("{$this->folder}/migrations");
        File::put(
            "{$this->folder}/migrations/2098_01_01_000001_{$name}.php",
            "<?php\nuse Illuminate\\Support\\Facades\\DB;\nreturn new class extends "
            ."Illuminate\\Database\\Migrations\\Migration {\npublic function up(): void {\n{$lines}\n} };",
        );
        $this->app->make(Migrator::class)->path("{$this->folder}/migrations");
    }

    /** @param callable(array<mixed>): array<mixed> $change */
    private function manifest(callable $change): string
    {
        $zip = new \ZipArchive();
        $zip->open($this->file());
        $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
        self::assertIsArray($manifest);

        return (string) json_encode($change($manifest));
    }

    /** @param array<string, mixed> $arguments */
    private function artisanSays(string $command, array $arguments, int $status, string $says): void
    {
        $ended = Artisan::call($command, $arguments);
        $said = Artisan::output();
        self::assertSame($status, $ended, $said);
        self::assertStringContainsString($says, $said);
    }

    private function file(): string
    {
        return "{$this->folder}/backup.zip";
    }

    private function useDatabase(string $name): void
    {
        config(['database.connections.'.DB::getDefaultConnection().'.database' => $name]);
        DB::purge();
    }
}
