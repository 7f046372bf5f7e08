<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;

beforeEach(function (): void {
    $this->browser = Browser::open();
    $this->browser->signIn('rosa@ferrow-sound.example', null);
    $this->begin = fn (string $page): string => $this->browser->beginWalk(6, page: $page);
    $this->file = fn (string $name, string $content): mixed => $this->browser->run(
        "const held = new DataTransfer(); held.items.add(new File([arguments[1]], arguments[0]));
         const input = document.querySelector('[data-test=captions]');
         input.files = held.files;
         input.dispatchEvent(new Event('change', { bubbles: true }));
         ",
        [$name, $content],
    );
});

afterEach(function (): void {
    $this->browser->close();
});

it('scores a recorded walk: captions in, what is sure accepted, one turned down, the walk closed', function (): void {
    ($this->begin)('words');
    ($this->file)('walk.vtt', (string) file_get_contents(dirname(__DIR__, 2).'/examples/walk.vtt'));
    $this->browser->waitForText('items heard');
    expect($this->browser->count('[data-heard]'))->toBeGreaterThan(80)
        ->and($this->browser->accessibilityFaults())->toBe([]);

    $this->browser->click('[data-heard="engine.coolant"] [data-test=turn-down]')->waitForText('1 rejected');
    $this->browser->click('[data-test=accept-above]')->waitForText('accepted, 0 marked by hand, 1 rejected');
    // It goes through the list of what is open, as at the end of any walk.
    $this->browser->click('[data-test=close-walk]')->waitForText('items are not complete');
    $this->browser->click('[data-test=finish-now]')->waitForText('What to say next time');
});

it('shows the words that a proposal rests on, by mouse and by keyboard', function (): void {
    ($this->begin)('words');
    $this->browser
        ->type('#said', 'my radiator is mounted no leaks and then my altar nader is belt driven')
        ->click('[data-test=listen]')
        ->waitForText('2 items heard');
    $this->browser
        ->click('[data-heard="engine.alternator"] .what')
        ->waitForText('altar nader is belt driven', '.heard.chosen');
    $this->browser->run("document.querySelector('.captions .heard').focus()");
    $this->browser->press(WebDriverKeys::ENTER)->waitForText('radiator is mounted', '.heard.chosen');
});

it('says which words which point rests on', function (): void {
    ($this->begin)('words');
    $this->browser
        ->type('#said', 'my radiator is mounted, my alternator is belt driven, and the radiator has no leaks')
        ->click('[data-test=listen]')
        ->waitForText('2 items heard');
    $quotes = $this->browser->text('[data-heard="engine.radiator"]');
    expect($quotes)->toMatch('/“radiator is mounted”.*secure.*“.*no leaks”.*no leaks/s');
});

it('takes the points that the scorer chooses instead of those that were heard', function (): void {
    $id = ($this->begin)('words');
    $this->browser
        ->type('#said', 'my radiator is mounted no leaks')
        ->click('[data-test=listen]')
        ->waitForText('1 items heard');
    $this->browser
        ->choose('Change')
        ->click('.change label:nth-of-type(1) input')
        ->choose('Accept these')
        ->waitForText('1 accepted');
    $kept = $this->browser->run(
        "const answer = await fetch('/api/v1/attempts/' + arguments[0] + '/marks'); return JSON.stringify(await ".
            'answer.json());',
        [$id],
    );
    expect((string) $kept)->toContain('"points":["sealed"]')->toContain('radiator is mounted no leaks');
});

it('says what is wrong with a file and keeps what was there', function (): void {
    ($this->begin)('words');
    $this->browser->type('#said', 'my radiator is mounted')->click('[data-test=listen]')->waitForText('1 items heard');
    $this->browser->choose('Other captions')->find('[data-test=captions]');
    ($this->file)('walk.vtt', "WEBVTT\n");
    $this->browser->waitForText('holds no words', '[role=alert]')->waitForText('1 items heard');
    ($this->file)('huge.txt', str_repeat('rim is good ', 180_000));
    $this->browser->waitForText('larger than 2 MB', '[role=alert]');
});

it('proposes from live captions, and one tap confirms', function (): void {
    $id = ($this->begin)('walk');
    $this->browser->choose('More')->click('[data-test=listen-live]')->find('.listen');
    $this->browser->run("const speed = document.querySelectorAll('.listen input')[0]; speed.focus(); speed.select()");
    $this->browser->press('2', '4', '0', '0', WebDriverKeys::TAB)->click('[data-test=stand-in]');
    $this->browser->find('.tile.faint');
    $item = (string) $this->browser->run("return document.querySelector('.tile.faint').dataset.item");
    // A tap that comes before anybody can have read the proposal is not meant for it.
    $this->browser->until(
        'return performance.now() - (window.seen ??= performance.now()) > 500', 'The time of the page stands still.',
    );
    $this->browser->click('.tile[data-item="'.$item.'"] .main')->allSent();
    $this->browser->choose('Stop');
    $kept = (string) $this->browser->run(
        "const answer = await fetch('/api/v1/attempts/' + arguments[0] + '/marks'); return JSON.stringify(await ".
            'answer.json());',
        [$id],
    );
    expect($kept)
        ->toContain('"item":"'.$item.'"')
        ->toContain('"evidence"');
});
