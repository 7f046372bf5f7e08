<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Demo\DemoSchool;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Assert;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A real Chromium with an empty profile, driven as a person would: by what is seen on the page. */
final class Browser
{
    private const WAIT_SECONDS = 15;

    private static ?Process $service = null;

    private static int $port = 0;

    private function __construct(public readonly RemoteWebDriver $driver, private readonly string $url) {}

    /** @param  string|null  $profile  folder of a profile that outlives this browser; a new empty one where null */
    public static function open(int $width = 1280, int $height = 800, ?string $profile = null): self
    {
        $url = getenv('PASADA_BROWSER_URL');
        if ($url === false) {
            throw new RuntimeException('Browser tests need a served Pasada: run them by ./pasada test.');
        }
        self::start();
        $options = (new ChromeOptions)->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--hide-scrollbars', '--force-device-scale-factor=1',
            '--user-data-dir='.($profile ?? self::profile()),
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $driver = RemoteWebDriver::create('http://127.0.0.1:'.self::$port, $capabilities, 30_000, 60_000);
        $browser = new self($driver, $url);

        return $browser->resize($width, $height);
    }

    public static function profile(): string
    {
        return sys_get_temp_dir().'/pasada-profile-'.bin2hex(random_bytes(6));
    }

    /** As a dead battery does it: no goodbye to the page, and the profile is left as it lies. */
    public static function kill(string $profile): void
    {
        (new Process(['pkill', '-KILL', '-f', $profile]))->run();
        usleep(600_000);
        foreach (['SingletonLock', 'SingletonCookie', 'SingletonSocket'] as $lock) {
            @unlink($profile.'/'.$lock);
        }
    }

    private static function start(): void
    {
        if (self::$service?->isRunning() === true) {
            return;
        }
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if ($socket === false) {
            throw new RuntimeException('No free port for ChromeDriver.');
        }
        self::$port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
        self::$service = new Process(['chromedriver', '--port='.self::$port]);
        self::$service->setTimeout(null);
        self::$service->start();
        self::$service->waitUntil(static fn (string $type, string $output): bool => str_contains($output, 'started successfully'));
    }

    /** The size of the page itself, not of a window around it. */
    public function resize(int $width, int $height): self
    {
        $this->driver->manage()->window()->setSize(new WebDriverDimension($width, $height));
        (new ChromeDevToolsDriver($this->driver))->execute('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false]);

        return $this;
    }

    public function offline(bool $offline): self
    {
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Network.enable');
        $tools->execute('Network.emulateNetworkConditions', ['offline' => $offline, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);

        return $this;
    }

    /** From the next page on, the network answers calls to a path as told by `window.spoiled`, once that is set. */
    public function spoilable(string $path): self
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => sprintf(
            'const was = window.fetch; window.fetch = (...a) => window.spoiled && String(a[0].url ?? a[0]).includes(%s) ? Promise.resolve(window.spoiled()) : was(...a);', (string) json_encode($path))]);

        return $this;
    }

    /** Fingers instead of a mouse. */
    public function withTouch(): self
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Emulation.setTouchEmulationEnabled', ['enabled' => true, 'maxTouchPoints' => 2]);

        return $this;
    }

    /** A tap, or with more than one element a stroke over all of them. */
    public function touch(string ...$css): self
    {
        $this->find($css[0]);
        $points = $this->run(<<<'JS'
            const boxes = arguments[0].map((css) => document.querySelector(css));
            boxes[0].scrollIntoView({ block: 'center' });
            return boxes.map((e) => { const b = e.getBoundingClientRect(); return { x: b.x + b.width / 2, y: b.y + b.height / 2 }; });
            JS, [$css]);
        assert(is_array($points));
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Input.dispatchTouchEvent', ['type' => 'touchStart', 'touchPoints' => [$points[0]]]);
        // As long as a thumb rests on the glass.
        usleep(45_000);
        foreach (array_slice($points, 1) as $point) {
            $tools->execute('Input.dispatchTouchEvent', ['type' => 'touchMove', 'touchPoints' => [$point]]);
            // No thumb is faster; without it the browser takes the next tap for the end of a fling.
            usleep(30_000);
        }
        $tools->execute('Input.dispatchTouchEvent', ['type' => 'touchEnd', 'touchPoints' => []]);
        if (count($points) > 1) {
            usleep(120_000);
        }

        return $this;
    }

    /** A key with Alt or Shift held. */
    public function chord(string $held, string $key): self
    {
        $this->driver->action()->keyDown(null, $held)->sendKeys(null, $key)->keyUp(null, $held)->perform();

        return $this;
    }

    public function visit(string $path): self
    {
        $this->driver->get($this->url.$path);

        return $this;
    }

    /** @param  string  $then  where to go on to */
    public function signIn(string $email, string $then = '/'): self
    {
        $this->visit('/sign-in?next='.rawurlencode($then))->type('#email', $email)->type('#password', DemoSchool::PASSWORD)->click('button[type=submit]');
        try {
            return $this->gone('#password');
        } catch (TimeoutException $fault) {
            // What the form itself says tells a refused sign-in from a slow machine.
            throw new RuntimeException('Not signed in. The form reads: '.$this->driver->findElement(WebDriverBy::cssSelector('form'))->getText(), previous: $fault);
        }
    }

    public function type(string $css, string $text): self
    {
        $this->find($css)->sendKeys($text);

        return $this;
    }

    public function press(string ...$keys): self
    {
        foreach ($keys as $key) {
            $this->driver->getKeyboard()->sendKeys($key);
        }

        return $this;
    }

    /** Presses the key that a tile shows: a digit, or Shift and a digit. */
    public function tile(string $key): self
    {
        $digit = mb_substr($key, -1);
        if (mb_strlen($key) === 1) {
            return $this->press($digit);
        }

        return $this->chord(WebDriverKeys::SHIFT, $digit);
    }

    public function enter(): self
    {
        return $this->press(WebDriverKeys::ENTER);
    }

    public function click(string $css): self
    {
        $this->clicked(WebDriverBy::cssSelector($css), "$css did not appear.");

        return $this;
    }

    /** A page that is drawn anew between finding and clicking is no fault of it: found and clicked again. */
    private function clicked(WebDriverBy $by, string $why): void
    {
        $this->driver->wait(self::WAIT_SECONDS, 50)->until(function () use ($by): bool {
            $found = $this->driver->findElements($by);
            try {
                if ($found === [] || ! $found[0]->isDisplayed() || ! $found[0]->isEnabled()) {
                    return false;
                }
                $found[0]->click();

                return true;
            } catch (StaleElementReferenceException|ElementNotInteractableException|ElementClickInterceptedException) {
                return false;
            }
        }, $why);
    }

    /** Clicks the button or link that reads so. */
    public function choose(string $text): self
    {
        $literal = '"'.$text.'"';
        $by = WebDriverBy::xpath("//*[self::button or self::a or @role='option' or contains(@class,'n-base-select-option')][contains(normalize-space(.), $literal)]");
        $this->clicked($by, "Nothing to click reads $literal.");

        return $this;
    }

    public function find(string $css): RemoteWebElement
    {
        $by = WebDriverBy::cssSelector($css);
        $found = $this->driver->wait(self::WAIT_SECONDS, 50)->until(WebDriverExpectedCondition::visibilityOfElementLocated($by), "$css did not appear.");
        Assert::assertInstanceOf(RemoteWebElement::class, $found);

        return $found;
    }

    public function gone(string $css): self
    {
        $this->driver->wait(self::WAIT_SECONDS, 50)->until(WebDriverExpectedCondition::invisibilityOfElementLocated(WebDriverBy::cssSelector($css)), "$css did not go away.");

        return $this;
    }

    public function count(string $css): int
    {
        return count($this->driver->findElements(WebDriverBy::cssSelector($css)));
    }

    public function text(string $css): string
    {
        return $this->find($css)->getText();
    }

    public function waitForText(string $text, string $css = 'body'): self
    {
        Assert::assertNotSame('', $text, 'Waiting for an empty text would wait for nothing.');
        $this->driver->wait(self::WAIT_SECONDS, 50)->until(fn (): bool => $this->reads($css, $text), "\"$text\" did not appear in $css.");

        return $this;
    }

    /** @param  list<mixed>  $arguments */
    public function run(string $script, array $arguments = []): mixed
    {
        return $this->driver->executeScript($script, $arguments);
    }

    public function shot(string $file): self
    {
        $this->driver->takeScreenshot($file);

        return $this;
    }

    /** @return list<string> what axe-core calls serious or critical on the page as it stands */
    public function accessibilityFaults(): array
    {
        usleep(500_000);
        $this->run((string) file_get_contents(__DIR__.'/../../node_modules/axe-core/axe.min.js'));
        $faults = $this->driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            axe.run({ resultTypes: ['violations'] }).then(({ violations }) =>
                done(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')
                    .map(({ id, nodes }) => id + ': ' + nodes.slice(0, 3).map((node) => node.target.join(' ')).join(' | '))));
            JS);

        return is_array($faults) ? array_values(array_filter($faults, is_string(...))) : [];
    }

    public function close(): void
    {
        $this->driver->quit();
    }

    private function reads(string $css, string $text): bool
    {
        try {
            return str_contains($this->driver->findElement(WebDriverBy::cssSelector($css))->getText(), $text);
        } catch (WebDriverException) {
            // The page is just redrawing; asked again in a moment.
            return false;
        }
    }
}
