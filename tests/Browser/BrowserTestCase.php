<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Scheme;
use Database\Seeders\DemoOfficeSeeder;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverWait;
use Illuminate\Foundation\Testing\DatabaseTruncation;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** A person at a browser, on the demo office. */
abstract class BrowserTestCase extends TestCase
{
    use DatabaseTruncation;

    private static ?Process $server = null;
    private static string $address = '';

    protected RemoteWebDriver $browser;

    protected function setUp(): void
    {
        parent::setUp();
        $this->app->make(DemoOfficeSeeder::class)->run();
        self::$server ??= self::serve();
        $this->browser = Chrome::driver();
        $this->browser->manage()->deleteAllCookies();
        $this->browser->manage()->getLog('browser');
    }

    protected function tearDown(): void
    {
        $errors = array_filter(
            array_column($this->browser->manage()->getLog('browser'), 'message', 'level'),
            static fn(string $level): bool => $level === 'SEVERE',
            ARRAY_FILTER_USE_KEY,
        );
        parent::tearDown();
        self::assertSame([], $errors, 'The console has errors.');
    }

    protected function visit(string $path): void
    {
        $this->browser->get(self::$address.$path);
    }

    protected function signIn(): void
    {
        $this->signInAs('reviewer');
    }

    protected function signInAs(string $role): void
    {
        $this->browser->manage()->deleteAllCookies();
        $this->visit('/sign-in');
        $this->find('#email')->sendKeys("{$role}@heurema.test");
        $this->find('#password')->sendKeys('daylight')->submit();
        $this->waitFor('.projects');
    }

    /** The first home of the desk, on the board, its findings worked out. */
    protected function openBoard(): Scheme
    {
        $this->find('.project-link')->click();
        $this->waitFor('#plan');
        $this->browser->findElement(WebDriverBy::linkText('Open on the board'))->click();
        $this->waitFor('#board-checked');

        return Scheme::query()->findOrFail((int) preg_replace('/\D+/', '', (string) strstr($this->browser->getCurrentURL(), '/schemes/')));
    }

    protected function find(string $selector): RemoteWebElement
    {
        return $this->browser->findElement(WebDriverBy::cssSelector($selector));
    }

    /** Waits until something is so, but not for ever. */
    protected function patiently(): WebDriverWait
    {
        return $this->browser->wait(Chrome::PATIENCE, 50);
    }

    protected function waitFor(string $selector): RemoteWebElement
    {
        $this->patiently()->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector($selector)));

        return $this->find($selector);
    }

    protected function waitForText(string $selector, string $text): void
    {
        $this->patiently()->until(WebDriverExpectedCondition::elementTextContains(WebDriverBy::cssSelector($selector), $text));
    }

    /** Takes a kind of fixture, or a guard, soffit or note, from the fixture list. */
    protected function takeFromList(string $kind): void
    {
        $this->find('button[data-act="fixtures"]')->click();
        $this->waitFor("#fixtures[open] [data-places=\"{$kind}\"][data-like=\"\"], #fixtures[open] [data-uses=\"{$kind}\"]")->click();
    }

    protected function press(string $keys): void
    {
        $this->browser->getKeyboard()->sendKeys($keys);
    }

    /** Nothing that axe-core calls serious or critical. */
    protected function assertAccessible(): void
    {
        $this->browser->executeScript((string) file_get_contents(base_path('node_modules/axe-core/axe.min.js')));
        $found = $this->browser->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            axe.run().then((result) => done(result.violations
                .filter((one) => ['serious', 'critical'].includes(one.impact))
                .map((one) => `${one.id}: ${one.nodes.map((node) => node.target.join(' ')).join(', ')}`)));
            JS);
        self::assertSame([], $found);
    }

    private static function serve(): Process
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $name = $socket === false ? false : stream_socket_get_name($socket, false);
        if ($socket === false || $name === false) {
            throw new \RuntimeException('No free port for the web server.');
        }
        fclose($socket);
        self::$address = "http://{$name}";
        $router = base_path('vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php');
        $server = new Process([
            PHP_BINARY, '-d', 'upload_max_filesize=64M', '-d', 'post_max_size=64M', '-S', $name, $router,
        ], public_path(), [
            'APP_ENV' => 'testing', 'SESSION_DRIVER' => 'database', 'CACHE_STORE' => 'database', 'APP_DEBUG' => 'false',
        ], null, null);
        // nobody reads what it says of every request: unread, it would stop when its pipe is full
        $server->disableOutput();
        $server->start();
        register_shutdown_function(static fn() => $server->stop(1));
        for ($try = 0; $try < 100; ++$try) {
            if (@file_get_contents(self::$address.'/up') !== false) {
                return $server;
            }
            usleep(50_000);
        }

        throw new \RuntimeException('The web server did not come up.');
    }
}
