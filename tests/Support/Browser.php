<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Demo\DemoSchool;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\JsonWireCompat;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Str;
use InvalidArgumentException;
use LogicException;
use PHPUnit\Framework\Assert;
use RuntimeException;

/** A real Chromium with an empty profile, driven as a person would: by what is seen on the page. */
final class Browser
{
    /** Seconds that a page may take on a machine of our own, times the patience below. */
    private const WAIT_SECONDS = 15;

    private const LOOK_AGAIN_MS = 25;

    // A gesture is made of times: no thumb is faster.
    private const THUMB_RESTS_MS = 45;

    private const THUMB_STROKES_MS = 30;

    private const AFTER_A_STROKE_MS = 200;

    /** Whoever signed in last, without a page around them. */
    private ?ApiClient $person = null;

    private function __construct(
        public readonly RemoteWebDriver $driver,
        private readonly string $url,
        private readonly bool $isKept,
    ) {}

    /** @param  array<string, mixed>  $arguments */
    private function devTools(string $command, array $arguments = []): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute($command, $arguments);
    }

    /**
     * @param  string|null  $profile  folder of a profile that outlives this browser; one of the process's own where
     *   null
     */
    public static function open(int $width = 1280, int $height = 800, ?string $profile = null): self
    {
        $url = self::servedAt();
        $driver = $profile === null ? Chromium::take($url) : Chromium::withProfile($profile);
        $browser = new self($driver, $url, $profile === null);

        return $browser->resize($width, $height);
    }

    /** With a microphone that hears a WAV file, once, as soon as a page listens. */
    public static function hearing(string $wave): self
    {
        $driver = Chromium::withProfile(Chromium::profile(), [
            '--use-fake-ui-for-media-stream', '--use-fake-device-for-media-stream',
            "--use-file-for-fake-audio-capture=$wave%noloop",
        ]);

        return (new self($driver, self::servedAt(), false))->resize(1280, 800);
    }

    /** At the Pasada in which nothing is yet, with a browser that nobody used before. */
    public static function ofSchool(string $profile): self
    {
        $browser = new self(Chromium::withProfile($profile), (string) getenv('PASADA_SCHOOL_URL'), false);

        return $browser->resize(1280, 800);
    }

    /** Types into the field that has this label, in place of what stands there. */
    public function fill(string $label, string $text): self
    {
        $field = $this->awaited(
            'const l = [...document.querySelectorAll("label")].find((e) => e.textContent.trim() === given[0]); '.
            'return l ? document.getElementById(l.htmlFor) ?? undefined : undefined', [$label],
        );
        if (! $field instanceof RemoteWebElement) {
            throw new TimeoutException("No field is labeled \"$label\".");
        }
        $field->clear();
        $field->sendKeys($text);

        return $this;
    }

    /** Each lane of the tests has a Pasada of its own. */
    public static function servedAt(): string
    {
        $urls = explode(' ', trim((string) getenv('PASADA_BROWSER_URLS')));
        $lane = getenv('TEST_TOKEN');
        $url = $urls[$lane === false ? 0 : (int) $lane - 1] ?? '';
        if ($url === '') {
            throw new RuntimeException('Browser tests need a served Pasada: run them by ./pasada test browser.');
        }

        return $url;
    }

    /** How long something that comes by itself is waited for; PASADA_PATIENCE=3 triples it on a busy machine. */
    private static function patience(): int
    {
        $times = getenv('PASADA_PATIENCE');

        return (int) ceil(self::WAIT_SECONDS * (is_numeric($times) ? (float) $times : 1));
    }

    /** The size of the page itself, not of a window around it. */
    public function resize(int $width, int $height): self
    {
        $this->driver->manage()->window()->setSize(new WebDriverDimension($width, $height));
        $this->devTools('Emulation.setDeviceMetricsOverride', [
            'width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false,
        ]);

        return $this;
    }

    public function offline(bool $offline): self
    {
        $this->devTools('Network.enable');
        $this->devTools('Network.emulateNetworkConditions', [
            'offline' => $offline, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1,
        ]);

        return $this;
    }

    /** From the next page on, the network answers calls to a path as told by `window.spoiled`, once that is set. */
    public function spoilable(string $path): self
    {
        $this->devTools('Page.addScriptToEvaluateOnNewDocument', ['source' => sprintf(
            'const was = window.fetch; window.fetch = (...a) => window.spoiled && String(a[0].url ?? '.
                'a[0]).includes(%s) ? Promise.resolve(window.spoiled()) : was(...a);', (string) json_encode($path))]);

        return $this;
    }

    /** Fingers instead of a mouse. */
    public function withTouch(): self
    {
        $this->devTools('Emulation.setTouchEmulationEnabled', ['enabled' => true, 'maxTouchPoints' => 2]);

        return $this;
    }

    /** A tap, or with more than one element a stroke over all of them. */
    public function touch(string ...$css): self
    {
        $this->find($css[0]);
        $points = $this->run(<<<'JS'
            const boxes = arguments[0].map((css) => document.querySelector(css));
            boxes[0].scrollIntoView({ block: 'center' });
            return boxes.map((e) => {
                const b = e.getBoundingClientRect();
                return { x: b.x + b.width / 2, y: b.y + b.height / 2 };
            });
            JS, [$css]);
        assert(is_array($points));
        /** @var non-empty-list<array{x: float, y: float}> $points */
        $pause = static fn (int $ms): array => ['type' => 'pause', 'duration' => $ms];
        $this->driver->executeCustomCommand('/session/:sessionId/actions', 'POST', ['actions' => [[
            'type' => 'pointer', 'id' => 'thumb', 'parameters' => ['pointerType' => 'touch'], 'actions' => [
                self::moveTo($points[0], 0), ['type' => 'pointerDown', 'button' => 0], $pause(self::THUMB_RESTS_MS),
                ...array_map(
                    static fn (array $point): array => self::moveTo($point, self::THUMB_STROKES_MS),
                    array_slice($points, 1),
                ),
                ['type' => 'pointerUp', 'button' => 0],
                // Without it the browser takes the next tap for the end of a fling.
                ...(count($points) > 1 ? [$pause(self::AFTER_A_STROKE_MS)] : []),
            ],
        ]]]);

        return $this;
    }

    /**
     * @param  array{x: float, y: float}  $point
     * @return array<string, string|int>
     */
    private static function moveTo(array $point, int $ms): array
    {
        return ['type' => 'pointerMove', 'duration' => $ms, 'x' => (int) $point['x'], 'y' => (int) $point['y']];
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

    /** The same without waiting for all that the page loads. */
    public function leaveFor(string $path): self
    {
        $this->run('const to = arguments[0]; setTimeout(() => location.assign(to))', [$this->url.$path]);

        return $this;
    }

    /**
     * Signed in without the form, which has tests of its own.
     *
     * @param  string|null  $then  where to go on to; nowhere yet where null
     */
    public function signIn(string $email, ?string $then = '/'): self
    {
        $this->person = ApiClient::signedIn($this->url, $email);
        foreach ($this->person->cookies() as $name => $value) {
            $this->devTools('Network.setCookie', [
                'name' => $name,
                'value' => $value,
                'url' => $this->url,
                'httpOnly' => $name !== 'XSRF-TOKEN',
                'sameSite' => 'Lax',
            ]);
        }

        return $then === null ? $this : $this->visit($then);
    }

    /**
     * Starts a walk without the form, which has tests of its own, and opens it.
     *
     * @param  string  $vehicle  how its name begins
     * @param  string  $checklist  how its name begins
     * @param  string  $page  walk, brakes or words
     * @return string the attempt's id
     */
    public function beginWalk(
        int $student,
        string $vehicle = 'Dock 4',
        string $checklist = 'Whole walk-around',
        string $page = 'walk',
    ): string {
        $id = (string) Str::uuid7();
        $person = $this->client();
        $choice = $person->choice($checklist, $vehicle);
        $person->send('POST', '/attempts', ['id' => $id, 'student_id' => $student, ...$choice]);
        $shows = ['walk' => '.tile, .board', 'brakes' => '[data-test=minute]', 'words' => '[data-test=captions]'];
        $this->visit("/$page/$id")->find($shows[$page]);

        return $id;
    }

    /**
     * @return array<mixed> what the API answers to who is signed in here
     */
    public function ask(string $path): array
    {
        return $this->client()->send('GET', $path);
    }

    /** A tap on the plan; it may lie outside the piece that is shown, and only looks. */
    public function lookAt(string $place): self
    {
        $this->find("[data-place='$place']");
        $this->run(
            'document.querySelector(arguments[0]).dispatchEvent(new MouseEvent("click", { bubbles: true }))',
            ["[data-place='$place']"],
        );

        $this->find('[data-test=student-here]');

        return $this;
    }

    /** The student is at another place. */
    public function studentGoesTo(string $place): self
    {
        return $this->lookAt($place)->click('[data-test=student-here]')->gone('[data-test=student-here]');
    }

    /** As a person does it. */
    public function signInByForm(string $email, string $password = DemoSchool::PASSWORD): self
    {
        $this->type('#email', $email)->type('#password', $password)->click('button[type=submit]');
        try {
            return $this->gone('#password');
        } catch (TimeoutException $fault) {
            // What the form itself says tells a refused sign-in from a slow machine.
            $form = $this->driver->findElement(WebDriverBy::cssSelector('form'))->getText();
            throw new RuntimeException('Not signed in. The form reads: '.$form, previous: $fault);
        }
    }

    /** The API as the person at this browser has it. */
    public function client(): ApiClient
    {
        return $this->person ?? throw new LogicException('Somebody has to sign in first.');
    }

    /** Signs with a few strokes on the pad of a party. */
    public function signOn(string $party): self
    {
        $this->run("document.querySelector('[data-test=pad-$party]').scrollIntoView({ block: 'center' })");
        $pad = $this->find("[data-test=pad-$party]");
        $this->driver->action()->clickAndHold($pad)->moveByOffset(40, -30)->moveByOffset(40, 30)->release()->perform();

        return $this->click("[data-test=sign-$party]");
    }

    /** Gives a file to an input, which may be out of sight. */
    public function upload(string $css, string $path): self
    {
        $this->find($css)->setFileDetector(new LocalFileDetector)->sendKeys($path);

        return $this;
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

    /** Half said, as it usually is: Alt and the tile's key, with Ctrl as it is second most often. */
    public function half(string $key, bool $isSecond = false): self
    {
        $held = [
            ...($isSecond ? [WebDriverKeys::CONTROL] : []), WebDriverKeys::ALT,
            ...(mb_strlen($key) > 1 ? [WebDriverKeys::SHIFT] : []),
        ];
        $action = $this->driver->action();
        array_map(static fn (string $one) => $action->keyDown(null, $one), $held);
        $action->sendKeys(null, mb_substr($key, -1));
        array_map(static fn (string $one) => $action->keyUp(null, $one), $held);
        $action->perform();

        return $this;
    }

    public function enter(): self
    {
        return $this->press(WebDriverKeys::ENTER);
    }

    public function click(string $css): self
    {
        $first = '[...document.querySelectorAll(given[0])].slice(0, 1)';

        return $this->clicked($first, [$css], "$css cannot be clicked.");
    }

    /** Clicks the button or link that reads so. */
    public function choose(string $text): self
    {
        $reading = '[...document.querySelectorAll("button, a, [role=option], .n-base-select-option")].filter((e) => '.
            'e.textContent.replace(/\\s+/g, " ").includes(given[0]))';

        return $this->clicked($reading, [$text], "Nothing to click reads \"$text\".");
    }

    /**
     * A page that is drawn anew between finding and clicking is no fault of it: found and clicked again.
     *
     * @param  list<string>  $given
     */
    private function clicked(string $candidates, array $given, string $why): self
    {
        $lastTime = microtime(true) + self::patience();
        do {
            $found = $this->awaited("return $candidates.find((e) => e.checkVisibility({ visibilityProperty: true }) ".
                '&& ! e.disabled)', $given);
            try {
                if ($found instanceof RemoteWebElement) {
                    $found->click();

                    return $this;
                }
            } catch (StaleElementReferenceException|ElementNotInteractableException|ElementClickInterceptedException) {
                // Looked for again.
            }
        } while (microtime(true) < $lastTime);

        throw new TimeoutException($why);
    }

    public function find(string $css): RemoteWebElement
    {
        $found = $this->awaited('const e = document.querySelector(given[0]); return e?.checkVisibility({ '.
            'visibilityProperty: true }) ? e : undefined', [$css]);

        return $found instanceof RemoteWebElement ? $found : throw new TimeoutException("$css did not appear.");
    }

    public function gone(string $css): self
    {
        $gone = $this->awaited('return document.querySelector(given[0])?.checkVisibility({ visibilityProperty: true '.
            '}) ? undefined : true', [$css]);

        return $gone === true ? $this : throw new TimeoutException("$css did not go away.");
    }

    public function count(string $css): int
    {
        return count($this->driver->findElements(WebDriverBy::cssSelector($css)));
    }

    /** @param  callable(): bool  $isSo */
    public function lookUntil(callable $isSo, string $orElse): self
    {
        for ($end = microtime(true) + 2 * self::patience(); ! $isSo();) {
            microtime(true) < $end || throw new TimeoutException($orElse);
            usleep(self::LOOK_AGAIN_MS * 1000);
        }

        return $this;
    }

    public function text(string $css): string
    {
        $this->find($css);

        return $this->shown($css);
    }

    /** What is seen is asserted, so that a text that does not come is told with what is there in its place. */
    public function waitForText(string $text, string $css = 'body'): self
    {
        if ($text === '') {
            throw new InvalidArgumentException('Waiting for an empty text would wait for nothing.');
        }
        $seen = $this->awaited('const seen = document.querySelector(given[0])?.innerText; return '.
            'seen?.includes(given[1]) ? seen : undefined', [$css, $text]);
        Assert::assertStringContainsString($text, is_string($seen) ? $seen : $this->shown($css), 'What was waited '.
            "for did not appear in $css.");

        return $this;
    }

    private function shown(string $css): string
    {
        $text = $this->run('return document.querySelector(arguments[0])?.innerText ?? ""', [$css]);

        return is_string($text) ? $text : '';
    }

    /**
     * Looks within the page again and again, which costs it less than being asked from outside.
     *
     * @param  string  $look  JavaScript that returns something once there is something; it finds the arguments in
     *   `given`
     * @param  list<mixed>  $given
     * @return mixed what was returned; null where nothing was in time
     */
    private function awaited(string $look, array $given): mixed
    {
        $lastTime = microtime(true) + self::patience();
        do {
            try {
                // Counted in looks, since some tests move the clock of the page.
                $found = $this->driver->executeScript(<<<JS
                    const [looks, given] = arguments;
                    const look = () => { $look };
                    return new Promise((done) => {
                        const again = (left) => {
                            const found = look();
                            if (found !== undefined && found !== false || left <= 0) done(found ?? null);
                            else setTimeout(again, 25, left - 1);
                        };
                        again(looks);
                    });
                    JS, [(int) ceil(1000 * max(0, $lastTime - microtime(true)) / self::LOOK_AGAIN_MS), $given]);

                return self::element($this->driver, $found) ?? $found;
            } catch (WebDriverException) {
                // The page went on to another one while it was looked at.
                usleep(1000 * self::LOOK_AGAIN_MS);
            }
        } while (microtime(true) < $lastTime);

        return null;
    }

    /** An element as a script hands it out: by the one key of the protocol. */
    private static function element(RemoteWebDriver $driver, mixed $found): ?RemoteWebElement
    {
        $id = is_array($found) ? $found[JsonWireCompat::WEB_DRIVER_ELEMENT_IDENTIFIER] ?? null : null;

        return is_string($id) ? new RemoteWebElement(new RemoteExecuteMethod($driver), $id, true) : null;
    }

    /** Until this script gives true: of the page's own state, where no text tells it. */
    public function until(string $script, string $what): self
    {
        return $this->awaited($script, []) === true ? $this : throw new TimeoutException($what);
    }

    /** Marks rest a moment on the device before they are sent; the network coming back sends them at once. */
    public function allSent(): self
    {
        $this->run("dispatchEvent(new Event('online'))");

        return $this->waitForText('all sent', '[data-test=keeping]');
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

    /**
     * @param  bool  $colorsOnly  the rules of contrast alone: all that another light level can change
     * @return list<string> what axe-core calls serious or critical on the page as it stands
     */
    public function accessibilityFaults(bool $colorsOnly = false): array
    {
        // Half way through a fade no color is what it will be.
        $this->until('return document.getAnimations().every(({ playState, effect }) => playState !== "running" || '.
            'effect.getTiming().iterations === Infinity)', 'The page does not come to rest.');
        if ($this->run('return typeof axe') !== 'object') {
            $this->run((string) file_get_contents(__DIR__.'/../../node_modules/axe-core/axe.min.js'));
        }
        $faults = $this->driver->executeAsyncScript(<<<'JS'
            const [colorsOnly, done] = arguments;
            const only = colorsOnly ? { runOnly: { type: 'rule', values: ['color-contrast'] } } : {};
            const where = (nodes) => nodes.slice(0, 3).map((node) => node.target.join(' ')).join(' | ');
            axe.run({ resultTypes: ['violations'], ...only }).then(({ violations }) =>
                done(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')
                    .map(({ id, nodes }) => id + ': ' + where(nodes))));
            JS, [$colorsOnly]);

        return is_array($faults) ? array_values(array_filter($faults, is_string(...))) : [];
    }

    /** In the second engine, by `./pasada test webkit`; WebKit::leave() ends it. */
    public static function openWebKit(): self
    {
        return new self(WebKit::take(), self::servedAt(), false);
    }

    /** The test is done with it; on a profile of its own it ends. */
    public function close(): void
    {
        $this->isKept ? Chromium::giveBack($this->driver) : $this->driver->quit();
    }
}
