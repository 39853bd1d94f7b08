<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/** One headless Chromium with its driver, ended with the process. */
final class Chrome
{
    /** What is waited for may take so long on a machine that has much else to do, seconds. */
    public const PATIENCE = 90;

    private const FLAGS = [
        '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
        '--disable-component-update', '--disable-sync', '--hide-scrollbars', '--force-prefers-reduced-motion',
    ];

    private static ?RemoteWebDriver $driver = null;

    /** The shared browser, its page 1280 by 800 pixels. */
    public static function driver(): RemoteWebDriver
    {
        try {
            return self::$driver ??= self::start();
        } catch (\RuntimeException) {
            // it may end when another one ends just then
            return self::$driver ??= self::start();
        }
    }

    /** The next test has a browser of its own. */
    public static function end(): void
    {
        self::$driver?->quit();
        self::$driver = null;
    }

    private static function start(): RemoteWebDriver
    {
        $process = proc_open(['chromedriver', '--port=0'], [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes);
        if ($process === false) {
            throw new \RuntimeException('ChromeDriver did not start: is chromium-driver installed?');
        }
        $port = self::port($pipes[1]);
        $profile = sys_get_temp_dir().'/heurema-chrome-'.getmypid();
        register_shutdown_function(static function () use ($process, $profile): void {
            self::end();
            proc_terminate($process);
            exec('rm -rf '.escapeshellarg($profile));
        });
        $options = (new ChromeOptions())->addArguments([...self::FLAGS, "--user-data-dir={$profile}"]);
        $capabilities = DesiredCapabilities::chrome()
            ->setCapability(ChromeOptions::CAPABILITY, $options)
            ->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $driver = RemoteWebDriver::create("http://127.0.0.1:{$port}", $capabilities);
        $driver->manage()->timeouts()->setScriptTimeout(self::PATIENCE);
        self::size($driver, 1280, 800);

        return $driver;
    }

    /** How large pages are shown, px; on a phone as a phone shows them. */
    public static function size(RemoteWebDriver $driver, int $width, int $height, bool $isPhone = false): void
    {
        (new ChromeDevToolsDriver($driver))->execute(
            'Emulation.setDeviceMetricsOverride',
            ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $isPhone],
        );
    }

    /** @param resource $output */
    private static function port($output): int
    {
        while (($line = fgets($output)) !== false) {
            if (preg_match('/started successfully on port (\d+)/', $line, $found) === 1) {
                return (int) $found[1];
            }
        }

        throw new \RuntimeException('ChromeDriver ended before it was ready.');
    }
}
