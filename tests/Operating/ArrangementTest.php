<?php

declare(strict_types=1);

namespace Tests\Operating;

use GuzzleHttp\Client;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The arrangement of docs/operating.md as bin/serve starts it: what it is made of, what people see when a part is away, what is left when
 * one is killed.
 */
final class ArrangementTest extends TestCase
{
    private static Arrangement $arrangement;

    private static \PDO $database;

    public static function setUpBeforeClass(): void
    {
        (new \PDO(self::server(), 'heurema', (string) getenv('DB_PASSWORD')))->exec('DROP DATABASE IF EXISTS '.Arrangement::DATABASE);
        self::$arrangement = new Arrangement(dirname(__DIR__, 2));
        self::$arrangement->start();
        self::$database = self::connection();
    }

    /** What a test before this one has killed is back. */
    protected function setUp(): void
    {
        Arrangement::waitUntil(self::$arrangement->isUp(...), 'all is there again');
    }

    public static function tearDownAfterClass(): void
    {
        self::$arrangement->stop();
    }

    public function test_tls_ends_at_the_front(): void
    {
        $client = new Client(['verify' => false, 'http_errors' => false, 'allow_redirects' => false]);
        preg_match('/listen 127\.0\.0\.1:(\d+);/', self::$arrangement->secret('nginx.conf'), $plain);
        $answer = $client->get('http://127.0.0.1:'.($plain[1] ?? '').'/rule-books');
        self::assertSame([301, self::$arrangement->address.'/rule-books'], [$answer->getStatusCode(), $answer->getHeaderLine('Location')]);

        $answer = $client->get(self::$arrangement->address.'/sign-in');
        self::assertSame(200, $answer->getStatusCode());
        self::assertStringStartsWith('max-age=', $answer->getHeaderLine('Strict-Transport-Security'));
        foreach ($answer->getHeader('Set-Cookie') as $cookie) {
            self::assertStringContainsString('; secure', $cookie);
        }
        $style = Visitor::found('~href="[^"]*(/build/assets/[^"]+\.css)"~', (string) $answer->getBody());
        self::assertStringContainsString('immutable', $client->get(self::$arrangement->address.$style)->getHeaderLine('Cache-Control'));
        self::assertSame(404, $client->get(self::$arrangement->address.'/build/manifest')->getStatusCode());
        self::assertSame(404, $client->get(self::$arrangement->address.'/index.php/sign-in')->getStatusCode(), 'a page has one address');
    }

    /** @return iterable<string, array{string}> */
    public static function forbidden(): iterable
    {
        yield 'make a table' => ['CREATE TABLE more (id INT)'];
        yield 'change one' => ['ALTER TABLE users ADD COLUMN more INT'];
        yield 'drop one' => ['DROP TABLE log_entries'];
        yield 'empty one' => ['TRUNCATE TABLE log_entries'];
        yield 'read what is not its own' => ['SELECT * FROM heurema_test.users'];
    }

    #[DataProvider('forbidden')]
    public function test_the_application_reads_and_writes_rows_and_does_no_more(string $statement): void
    {
        $application = self::connection('heurema_application', self::$arrangement->secret('database-password'));
        self::assertGreaterThan(0, self::number('SELECT COUNT(*) FROM users', $application));
        $this->expectException(\PDOException::class);
        $this->expectExceptionMessageMatches('/denied/');
        $application->exec($statement);
    }

    public function test_sessions_and_limits_are_kept_and_reports_are_not(): void
    {
        $reviewer = self::$arrangement->person('reviewer');
        $reviewer->page(self::path($reviewer->page('/'), '#(/revisions/\d+)#'));
        self::assertGreaterThan(0, (int) self::$arrangement->redis('redis-kept', 'DBSIZE'));
        self::assertGreaterThan(0, (int) self::$arrangement->redis('redis-cache', 'DBSIZE'));
        self::assertSame(0, self::number('SELECT COUNT(*) FROM sessions') + self::number('SELECT COUNT(*) FROM cache'));
        self::assertStringContainsString('always', self::$arrangement->redis('redis-kept', 'CONFIG', 'GET', 'appendfsync'));
        self::assertStringContainsString('noeviction', self::$arrangement->redis('redis-kept', 'CONFIG', 'GET', 'maxmemory-policy'));
        self::assertSame(0o600, fileperms(dirname(__DIR__, 2).'/.data/serve-test/environment') & 0o777, 'it holds the keys');
    }

    public function test_a_session_ends_when_it_is_ended_elsewhere(): void
    {
        [$here, $there] = [self::$arrangement->person('designer'), self::$arrangement->person('designer')];
        $here->post('/account/sessions', ['_method' => 'delete']);
        self::assertSame(200, $here->get('/')->getStatusCode());
        self::assertSame(302, $there->get('/')->getStatusCode());
    }

    public function test_without_the_cache_pages_are_worked_out_anew(): void
    {
        $reviewer = self::$arrangement->person('reviewer');
        $review = self::path($reviewer->page('/'), '#(/revisions/\d+)#');
        $before = $reviewer->page($review);
        self::$arrangement->supervise('stop', 'redis-cache');
        try {
            self::assertSame($before, $reviewer->page($review));
            self::assertSame([503, 'gone', 'works'], $this->health('cache', 'queue'));
        } finally {
            self::$arrangement->supervise('start', 'redis-cache');
        }
        Arrangement::waitUntil(fn(): bool => $this->health()[0] === 200, 'all is there again');
    }

    public function test_pages_say_that_the_server_of_sign_ins_and_jobs_is_away_and_nobody_has_to_sign_in_again(): void
    {
        $reviewer = self::$arrangement->person('reviewer');
        self::$arrangement->supervise('stop', 'redis-kept');
        try {
            $answer = $reviewer->get('/');
            self::assertSame([503, '5'], [$answer->getStatusCode(), $answer->getHeaderLine('Retry-After')]);
            self::assertStringContainsString('The server that keeps sign-ins and jobs does not answer.', (string) $answer->getBody());
            self::assertSame([503, 'works', 'gone'], $this->health('cache', 'queue'));
        } finally {
            self::$arrangement->supervise('start', 'redis-kept');
        }
        Arrangement::waitUntil(static fn(): bool => $reviewer->get('/')->getStatusCode() === 200, 'the session goes on');
    }

    public function test_one_application_server_is_enough_and_without_both_a_page_says_so(): void
    {
        $reviewer = self::$arrangement->person('reviewer');
        try {
            self::$arrangement->supervise('stop', 'application:application_1');
            foreach (range(1, 6) as $time) {
                self::assertSame(200, $reviewer->get('/people')->getStatusCode(), "{$time}");
            }
            self::$arrangement->supervise('stop', 'application:application_2');
            $answer = $reviewer->get('/people');
            self::assertSame([502, '5'], [$answer->getStatusCode(), $answer->getHeaderLine('Retry-After')]);
            self::assertStringContainsString('No application server answers.', (string) $answer->getBody());
            $style = Visitor::found('~<style>(.*?)</style>~s', (string) $answer->getBody());
            self::assertStringContainsString(
                "style-src 'sha256-".base64_encode(hash('sha256', $style, true))."'",
                $answer->getHeaderLine('Content-Security-Policy'),
            );
            self::assertSame(502, $reviewer->post('/sign-out', [])->getStatusCode(), 'what is sent is told so too');
        } finally {
            self::$arrangement->supervise('start', 'application:*');
        }
        Arrangement::waitUntil(static fn(): bool => $reviewer->get('/people')->getStatusCode() === 200, 'an application server answers');
    }

    public function test_no_acknowledged_edit_is_lost_and_none_is_made_twice(): void
    {
        $people = array_map(
            static fn(int $number): Draughtsman => Draughtsman::begin(
                self::$arrangement->person($number % 2 === 1 ? 'designer' : 'reviewer'),
                "Load {$number}",
            ),
            range(1, 6),
        );
        $faults = [
            2 => static fn() => self::$arrangement->kill('application:application_1'),
            4 => static fn() => self::$arrangement->kill('redis-kept'),
            6 => static fn() => self::$arrangement->kill('application:application_2', 'application:application_1'),
            8 => static fn() => self::$arrangement->kill('redis-cache', 'nginx'),
        ];
        Draughtsman::allDraw($people, 10, $faults);
        foreach ($people as $person) {
            self::assertSame(
                [],
                array_diff(array_keys($person->answers), [0, 200, 409, 502, 503]),
                'nobody was signed out, nothing failed for itself',
            );
            $rows = self::$database->query("SELECT sent_as FROM scheme_edits WHERE scheme_id = {$person->scheme} ORDER BY id");
            self::assertSame($person->acknowledged, $rows === false ? [] : $rows->fetchAll(\PDO::FETCH_COLUMN));
            self::assertGreaterThanOrEqual(Draughtsman::FEWEST, count($person->acknowledged));
            self::assertSame(1 + count($person->acknowledged), self::number("SELECT version FROM schemes WHERE id = {$person->scheme}"));
        }
        self::assertNotSame(
            [],
            array_diff(array_merge(...array_map(static fn(Draughtsman $person): array => array_keys($person->answers), $people)), [200]),
            'some were sent again',
        );
    }

    public function test_what_is_pressed_eight_times_at_once_is_done_once(): void
    {
        [$designer, $principal] = [self::$arrangement->person('designer'), self::$arrangement->person('principal')];
        $once = Visitor::found('/name="_once" value="(\w+)"/', $designer->page('/'));
        $before = [
            self::number('SELECT COUNT(*) FROM projects'),
            self::number('SELECT COUNT(*) FROM job_batches'),
            self::number('SELECT COUNT(*) FROM invitations'),
        ];
        $designer->press(
            8,
            '/drawings',
            ['_once' => $once, 'name' => 'Pressed', 'country' => 'us', 'units' => 'imperial', 'between' => 'faces', 'rooms' => ''],
        );
        $principal->press(8, '/examination', ['_once' => Visitor::found('/name="_once" value="(\w+)"/', $principal->page('/rule-books'))]);
        $principal->press(
            8,
            '/people',
            [
                '_once' => Visitor::found('/name="_once" value="(\w+)"/', $principal->page('/people')),
                'email' => 'pressed@example.test',
                'role' => 'reviewer',
            ],
        );
        $after = [
            self::number('SELECT COUNT(*) FROM projects'),
            self::number('SELECT COUNT(*) FROM job_batches'),
            self::number('SELECT COUNT(*) FROM invitations'),
        ];
        self::assertSame([1, 1, 1], array_map(static fn(int $then, int $now): int => $now - $then, $before, $after));
        Arrangement::waitUntil(
            static fn(): bool => self::number('SELECT COUNT(*) FROM job_batches WHERE finished_at IS NULL') === 0,
            'every job has been done',
            40,
        );
    }

    public function test_a_job_whose_worker_is_killed_is_done_by_another_once(): void
    {
        $principal = self::$arrangement->person('principal');
        Arrangement::waitUntil(static fn(): bool => self::number('SELECT COUNT(*) FROM jobs') === 0, 'mails of before have been sent');
        self::$database->exec('DELETE FROM done_jobs');
        self::$database->exec("UPDATE revisions SET counts = '{}' WHERE decided IS NULL");
        // whoever examines a revision waits for its row
        self::$database->beginTransaction();
        self::number('SELECT COUNT(*) FROM (SELECT id FROM revisions FOR UPDATE) AS locked');
        self::assertSame(302, $principal->post('/examination', [])->getStatusCode());
        $jobs = self::number('SELECT total_jobs FROM job_batches ORDER BY created_at DESC LIMIT 1');
        Arrangement::waitUntil(
            static fn(): bool => (int) self::$arrangement->redis('redis-kept', 'ZCARD', 'heurema:queues:default:reserved') === 2,
            'both workers have a job in hand',
        );
        self::$arrangement->kill('worker:worker_1');
        self::$database->rollBack();
        Arrangement::waitUntil(
            static fn(): bool => self::number('SELECT COUNT(*) FROM job_batches WHERE finished_at IS NULL') === 0,
            'every job has been done',
            40,
        );
        self::assertGreaterThan(2, $jobs);
        self::assertSame(
            [0, 0],
            [
                self::number('SELECT SUM(failed_jobs) + SUM(pending_jobs) FROM job_batches'),
                self::number('SELECT COUNT(*) FROM failed_jobs'),
            ],
        );
        self::assertSame($jobs, self::number('SELECT COUNT(*) FROM done_jobs'), 'each once');
        self::assertSame(
            0,
            self::number("SELECT COUNT(*) FROM revisions WHERE state IN ('submitted', 'in_review', 'returned') AND counts = '{}'"),
        );
        self::assertStringContainsString("{$jobs} of {$jobs}", $principal->page('/examination'));
    }

    public function test_a_mail_whose_sender_is_killed_is_sent_by_another_once(): void
    {
        $principal = self::$arrangement->person('principal');
        $mails = self::number('SELECT COUNT(*) FROM outgoing_mails');
        // whoever sends a mail waits for the outbox
        $outbox = self::connection();
        $outbox->exec('LOCK TABLES outgoing_mails WRITE');
        $principal->post('/people', ['email' => 'mara@example.test', 'role' => 'reviewer']);
        Arrangement::waitUntil(
            static fn(): bool => self::number('SELECT COUNT(*) FROM jobs WHERE reserved_at IS NOT NULL') === 1,
            'the mail is in hand',
        );
        usleep(500_000);
        self::$arrangement->kill('mails');
        $outbox->exec('UNLOCK TABLES');
        Arrangement::waitUntil(static fn(): bool => self::number('SELECT COUNT(*) FROM jobs') === 0, 'the mail has been sent', 40);
        self::assertSame($mails + 1, self::number('SELECT COUNT(*) FROM outgoing_mails'));
    }

    public function test_a_backup_is_made_and_put_back_while_everything_runs(): void
    {
        $file = dirname(__DIR__, 2).'/.data/serve-test/backup.zip';
        $designer = self::$arrangement->person('designer');
        self::$arrangement->command('heurema:backup', $file);
        $designer->post('/drawings', ['name' => 'Too much', 'country' => 'us', 'units' => 'imperial', 'between' => 'faces', 'rooms' => '']);
        self::assertSame(1, self::number("SELECT COUNT(*) FROM projects WHERE name = 'Too much'"));
        self::$arrangement->command('heurema:restore', $file, '--over');
        self::assertSame(0, self::number("SELECT COUNT(*) FROM projects WHERE name = 'Too much'"));
        self::assertSame(302, $designer->get('/')->getStatusCode(), 'everybody signs in anew');
        self::$arrangement->person('designer')->page('/');
    }

    /** @return list<int|string> the status, then what is said of each part */
    private function health(string ...$parts): array
    {
        $answer = (new Client(['verify' => false, 'http_errors' => false]))->get(self::$arrangement->address.'/up');
        /** @var array<string, string> $said */
        $said = json_decode((string) $answer->getBody(), true) ?? [];

        return [
            $answer->getStatusCode(),
            ...array_values(array_map(static fn(string $part): string => $said[$part] ?? 'not told', $parts)),
        ];
    }

    private static function server(): string
    {
        return 'mysql:host=127.0.0.1;port='.getenv('DB_PORT');
    }

    private static function connection(string $user = 'heurema', ?string $password = null): \PDO
    {
        return new \PDO(self::server().';dbname='.Arrangement::DATABASE, $user, $password ?? (string) getenv('DB_PASSWORD'));
    }

    private static function path(string $html, string $pattern): string
    {
        return Visitor::found($pattern, $html);
    }

    private static function number(string $query, ?\PDO $database = null): int
    {
        $answer = ($database ?? self::$database)->query($query);
        $number = $answer === false ? false : $answer->fetchColumn();

        return is_numeric($number) ? (int) $number : -1;
    }
}
