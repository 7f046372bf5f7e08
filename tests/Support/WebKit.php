<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Exception\Internal\WebDriverCurlException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Symfony\Component\Process\Process;

/** The second engine, as on most tablets in a yard: WebKit's small browser on a virtual screen, one for each test. */
final class WebKit
{
    private const BROWSERS = '/usr/lib/*/webkit2gtk-4.1/MiniBrowser';

    /** Without a graphics card, and as root, where its sandbox does not work. */
    private const ENVIRONMENT = [
        'WEBKIT_DISABLE_COMPOSITING_MODE' => '1', 'WEBKIT_DISABLE_SANDBOX_THIS_IS_DANGEROUS' => '1',
        'LIBGL_ALWAYS_SOFTWARE' => '1',
    ];

    private const LONGEST_SECONDS = 300;

    private const START_SECONDS = 30;

    private static ?Process $screen = null;

    private static ?Process $service = null;

    private static int $port = 0;

    private static ?RemoteWebDriver $open = null;

    public static function take(): RemoteWebDriver
    {
        self::start();
        // It carries one session at a time, and a test that failed left its own open.
        self::leave();
        $capabilities = new DesiredCapabilities([
            'browserName' => 'MiniBrowser',
            'webkitgtk:browserOptions' => [
                'binary' => glob(self::BROWSERS)[0] ?? 'MiniBrowser', 'args' => ['--automation'],
            ],
        ]);
        $driver = self::session($capabilities);
        $driver->manage()->timeouts()->setScriptTimeout(self::LONGEST_SECONDS);

        return self::$open = $driver;
    }

    /** The service says nothing when it is ready, so it is asked until it answers. */
    private static function session(DesiredCapabilities $capabilities): RemoteWebDriver
    {
        $end = microtime(true) + self::START_SECONDS;
        while (true) {
            try {
                $at = 'http://127.0.0.1:'.self::$port;

                return RemoteWebDriver::create($at, $capabilities, 60_000, self::LONGEST_SECONDS * 1000);
            } catch (WebDriverCurlException $refused) {
                if (microtime(true) > $end) {
                    throw $refused;
                }
                usleep(50_000);
            }
        }
    }

    public static function leave(): void
    {
        self::$open?->quit();
        self::$open = null;
    }

    private static function start(): void
    {
        if (self::$service?->isRunning() === true) {
            return;
        }
        self::$port = FreePort::find();
        self::$screen = new Process(['Xvfb', '-displayfd', '1', '-screen', '0', '1280x900x24', '-nolisten', 'tcp']);
        self::$screen->setTimeout(null);
        self::$screen->start();
        self::$screen->waitUntil(static fn (string $kind): bool => $kind === Process::OUT);
        self::$service = new Process(
            ['WebKitWebDriver', '--host=127.0.0.1', '--port='.self::$port],
            null,
            ['DISPLAY' => ':'.trim(self::$screen->getOutput()), ...self::ENVIRONMENT],
        );
        self::$service->setTimeout(null);
        self::$service->start();
        register_shutdown_function(static function (): void {
            self::leave();
            self::$service?->stop();
            self::$screen?->stop();
        });
    }
}
