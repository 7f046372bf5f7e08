<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Symfony\Component\Process\Process;

/**
 * The Chromiums of this process. Starting one costs seconds of a core, so one that is given back is wiped and handed
 * to the next test; all of them and their profiles go when the process ends.
 */
final class Chromium
{
    private const ARGUMENTS = [
        '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
        '--disable-background-networking', '--disable-component-update', '--force-prefers-reduced-motion',
        '--disable-sync', '--hide-scrollbars', '--force-device-scale-factor=1',
    ];

    /** What a person leaves behind in a browser. The page as the service worker keeps it is the same for everybody. */
    private const LEFT_BEHIND = 'cookies,local_storage,indexeddb,websql,file_systems';

    /** What one question to the browser may take at the most; how long a test waits is Browser's affair. */
    private const LONGEST_SECONDS = 300;

    private static ?Process $service = null;

    private static int $port = 0;

    /** @var list<RemoteWebDriver> given back and not in use */
    private static array $idle = [];

    /** @var list<RemoteWebDriver> */
    private static array $all = [];

    /** @var list<string> folders */
    private static array $profiles = [];

    /** One that nothing of an earlier test is left in. */
    public static function take(string $origin): RemoteWebDriver
    {
        $driver = array_pop(self::$idle);
        if ($driver === null) {
            return self::withProfile(self::profile());
        }
        self::wipe($driver, $origin);

        return $driver;
    }

    public static function giveBack(RemoteWebDriver $driver): void
    {
        self::$idle[] = $driver;
    }

    /**
     * One on a profile that outlives it.
     *
     * @param  list<string>  $more  arguments
     */
    public static function withProfile(string $profile, array $more = []): RemoteWebDriver
    {
        self::start();
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(
            ChromeOptions::CAPABILITY,
            (new ChromeOptions())->addArguments([...self::ARGUMENTS, ...$more, '--user-data-dir='.$profile]),
        );

        $driver = self::$all[] = RemoteWebDriver::create(
            'http://127.0.0.1:'.self::$port,
            $capabilities,
            60_000,
            self::LONGEST_SECONDS * 1000,
        );
        $driver->manage()->timeouts()->setScriptTimeout(self::LONGEST_SECONDS);

        return $driver;
    }

    /** The folder of a new, empty profile; deleted when this process ends. */
    public static function profile(): string
    {
        return self::$profiles[] = (string) getenv('PASADA_PROFILES').'/'.getmypid().'-'.bin2hex(random_bytes(6));
    }

    /** As a dead battery does it: no goodbye to the page, and the profile is left as it lies. */
    public static function kill(string $profile): void
    {
        (new Process(['pkill', '-KILL', '-f', '--', $profile]))->run();
        $isAlive = new Process(['pgrep', '-f', '--', $profile]);
        while ($isAlive->run() === 0) {
            usleep(20_000);
        }
        foreach (['SingletonLock', 'SingletonCookie', 'SingletonSocket'] as $lock) {
            @unlink($profile.'/'.$lock);
        }
    }

    /** A new tab, so that neither a page nor what was set for the old one goes on; then all that the page had kept. */
    private static function wipe(RemoteWebDriver $driver, string $origin): void
    {
        /** @var list<string> $old */
        $old = $driver->getWindowHandles();
        $driver->switchTo()->newWindow();
        $new = $driver->getWindowHandle();
        foreach ($old as $handle) {
            $driver->switchTo()->window($handle);
            $driver->close();
        }
        $driver->switchTo()->window($new);
        $tools = new ChromeDevToolsDriver($driver);
        $tools->execute('Storage.clearDataForOrigin', ['origin' => $origin, 'storageTypes' => self::LEFT_BEHIND]);
        $tools->execute('Network.clearBrowserCookies');
    }

    private static function start(): void
    {
        if (self::$service?->isRunning() === true) {
            return;
        }
        self::$port = FreePort::find();
        self::$service = new Process(['chromedriver', '--port='.self::$port]);
        self::$service->setTimeout(null);
        self::$service->start();
        self::$service->waitUntil(
            static fn (string $type, string $output): bool => str_contains($output, 'started successfully'),
        );
        register_shutdown_function(self::end(...));
    }

    private static function end(): void
    {
        foreach (self::$all as $driver) {
            try {
                $driver->quit();
            } catch (\Throwable) {
                // Killed by its test; there is nothing left to end.
            }
        }
        self::$service?->stop();
        foreach (self::$profiles as $profile) {
            (new Process(['rm', '-rf', '--', $profile]))->run();
        }
    }
}
