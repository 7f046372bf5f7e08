<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Support\Browser;
use Tests\Support\Lane;

// The sound of a walk, from a microphone to the tile: Chromium hears a file that a synthetic voice spoke.

beforeEach(function (): void {
    $this->wave = sys_get_temp_dir().'/pasada-walk-'.bin2hex(random_bytes(6)).'.wav';
    (new Process([
        'flite', '-voice', 'rms', '-o', $this->wave, '-t',
        'here is my windshield. it is clean and clear. my seat belt is securely mounted. it is not cut or frayed.',
    ]))->mustRun();
});

afterEach(function (): void {
    @unlink($this->wave);
});

/** Sets what the school and a student say of sound; the manager is at the browser then. */
function agreed(Browser $browser, int $student, bool $agrees = true): Browser
{
    $client = $browser->signIn('paul@ferrow-sound.example', then: null)->client();
    $client->send('PUT', "/students/$student/sound", ['agrees' => $agrees]);
    $school = array_intersect_key(
        $client->send('GET', '/school'),
        array_flip(['name', 'state', 'time_zone', 'two_factor_roles', 'start_is_done']),
    );
    $client->send('PUT', '/school', [...$school, 'keeps_sound' => $agrees]);

    return $browser;
}

/** How many recordings, pieces and utterances wait on the device. */
const WAITING = <<<'JS'
    return (async () => {
    const opened = await new Promise((done) => {
        const asked = indexedDB.open('pasada-sound'); asked.onsuccess = () => done(asked.result);
    });
    const count = (store) => new Promise((done) => {
        const asked = opened.transaction(store).objectStore(store).count(); asked.onsuccess = () => done(asked.result);
    });
    const counts = [await count('sounds'), await count('pieces'), await count('utterances')];
    opened.close();
    return counts;
    })();
    JS;

it('records a walk, proposes what it hears, outlives network and reload, and plays it back', function (): void {
    $browser = agreed(Browser::hearing($this->wave), 3, false);
    $browser->visit('/school')->click('[data-test=keeps-sound]')->waitForText('Yes, of students who agree');
    $browser->signIn('rosa@ferrow-sound.example');
    $browser->visit('/students/3')->click('[data-test=agree]')->waitForText('Agreed on');
    $browser->visit('/start?student=3')->waitForText('items at', '.preview')->click('[data-test=start]')->find('.tile');
    $address = $browser->driver->getCurrentURL();

    // Heard while it goes on.
    $browser->click('[data-test=record]')->waitForText('Recording', '[data-test=record]')->find('[data-test=level]');
    $heard = static function () use ($browser): bool {
        Lane::work();

        return $browser->count('[data-offer="cab.seat_belt"]') > 0;
    };
    $browser->lookUntil($heard, 'The seat belt was never proposed.');
    $browser->click('[data-offer="cab.seat_belt"]')
        ->find('.tile[data-item="cab.seat_belt"]:not([data-state=not_reached])');

    // The network goes, the recording goes on; then the page is loaded anew.
    $browser->offline(true);
    $browser->lookUntil(fn (): bool => $browser->run(WAITING)[1] > 0, 'No sound waits on the device.');
    $browser->driver->get($address);
    $browser->waitForText('press Record to go on')->offline(false);
    $browser->lookUntil(fn (): bool => $browser->run(WAITING) === [0, 0, 0], 'Sound still waits on the device.');

    // All of it is heard once more, and can be played from where an item was said.
    $browser->click('[data-test=finish]')->click('[data-test=finish-now]')->waitForText('First of all');
    Lane::work();
    $browser->find('[data-test=strip] svg');
    $browser->click('.all summary')->click('[data-hear="cab.seat_belt"]');
    $browser->lookUntil(
        fn (): bool => $browser->run('return document.querySelector("audio").currentTime') > 0, 'Nothing is played.',
    );
});

it('records at the brake bench, and notes what it hears there', function (): void {
    $browser = agreed(Browser::hearing($this->wave), 7)->signIn('rosa@ferrow-sound.example');
    $id = $browser->beginWalk(7, page: 'brakes');
    $browser->click('[data-test=record]')->waitForText('Recording', '[data-test=record]');
    $browser->lookUntil(static function () use ($browser): bool {
        Lane::work();

        return $browser->count('[data-test=said-last]') > 0;
    }, 'What was said is not noted at the bench.');
    expect($browser->text('[data-test=said-last]'))->toMatch('/windshield|clean and clear|seat belt|mounted|frayed/');
    $browser->click('[data-test=record]')->waitForText('Record', '[data-test=record]');
    $browser->lookUntil(fn (): bool => $browser->run(WAITING) === [0, 0, 0], 'Sound still waits on the device.');
    expect($browser->client()->send('GET', "/attempts/$id/sounds"))->toHaveCount(1);

    // A call takes the microphone away: said with what to do, and recorded again.
    $browser->run(<<<'JS'
        const ask = navigator.mediaDevices.getUserMedia.bind(navigator.mediaDevices);
        navigator.mediaDevices.getUserMedia = async (wanted) => (window.given = await ask(wanted));
        JS);
    $browser->click('[data-test=record]')->waitForText('Recording', '[data-test=record]');
    $browser->run('window.given.getTracks()[0].dispatchEvent(new Event("ended"))');
    $browser->waitForText('The microphone was taken away')->waitForText('Record', '[data-test=record]');
    $browser->click('[data-test=record]')->waitForText('Recording', '[data-test=record]')
        ->click('[data-test=record]')->waitForText('Record', '[data-test=record]');
});

it('hears a student who rehearses aloud and alone, and keeps the words only', function (): void {
    $browser = agreed(Browser::hearing($this->wave), 1);
    $browser->signIn('mira@ferrow-sound.example')->choose('Rehearse')->click('[data-scope="section:in-cab"]');
    $browser->click('[data-test=record]')->waitForText('Recording', '[data-test=record]');
    $browser->lookUntil(static function () use ($browser): bool {
        Lane::work();

        return preg_match('/[1-9]\d*%/', $browser->text('[data-test=how-far]')) === 1;
    }, 'Nothing that was said was heard.');
    // Cut short: the last words are heard all the same, and no sound waits or is kept anywhere.
    $browser->click('[data-test=rehearsed]')->waitForText('not said whole');
    $browser->lookUntil(fn (): bool => $browser->run(WAITING) === [0, 0, 0], 'Sound still waits on the device.');
    expect($browser->client()->send('GET', '/students/1/rehearsals')[0]['permille'])->toBeGreaterThan(0);
});

it('hears a recording that was made elsewhere, and says what is none', function (): void {
    $browser = agreed(Browser::open(), 4);
    $browser->signIn('rosa@ferrow-sound.example')->visit('/start?student=4')->waitForText('items at', '.preview');
    $browser->click('[data-test=start-words]')->find('[data-test=sound-file]');
    $text = substr($this->wave, 0, -4).'.txt';
    file_put_contents($text, 'my seat belt is securely mounted');
    $browser->upload('[data-test=sound-file]', $text)->waitForText('is no sound that is taken here');
    rename($text, $this->wave.'.mp3');
    $browser->upload('[data-test=sound-file]', $this->wave.'.mp3')
        ->lookUntil(function () use ($browser): bool {
            Lane::work();

            return $browser->count('[role=alert]') > 0;
        }, 'Nothing was said of a text that is called MP3.')
        ->waitForText('this is no sound that can be read');
    unlink($this->wave.'.mp3');
    $browser->upload('[data-test=sound-file]', $this->wave)->waitForText('Hearing it on the server');
    Lane::work();
    $browser->waitForText('items heard')->waitForText('Seat belt')->find('[data-test=strip] svg');
    $browser->click('[data-test=hear]');
    $browser->lookUntil(
        fn (): bool => $browser->run('return document.querySelector("audio").currentTime') > 0, 'Nothing is played.',
    );
});

it('says why nothing is recorded, and marks go on', function (): void {
    // No microphone, and nobody who would allow one.
    $browser = agreed(Browser::open(), 5)->signIn('rosa@ferrow-sound.example')->visit('/start?student=5');
    $browser->waitForText('items at', '.preview')->click('[data-test=start]')->find('.tile');
    $browser->click('[data-test=record]')->waitForText('microphone', '.sound-why')
        ->waitForText('Record', '[data-test=record]')->tile('1')->find('.tile[data-state=whole]');
});
