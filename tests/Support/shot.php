<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Symfony\Component\Process\Process;
use Tests\Support\Browser;
use Tests\Support\Lane;

require __DIR__.'/../../vendor/autoload.php';

// Pictures of the main views from demo data, into docs/screenshots/. Run by ./pasada shot.
$folder = dirname(__DIR__, 2).'/docs/screenshots/';
$settle = static fn (): ?int => usleep(900_000);

$browser = Browser::open();
$browser->visit('/sign-in')->find('#email');

$browser->signIn('rosa@ferrow-sound.example')->waitForText('Just finished');
$browser->visit('/start?student=2')->waitForText('items at', '.preview');
$settle();
$browser->shot($folder.'new-attempt.png');

$browser->click('[data-test=start]')->find('.tile');
// Keys in walking order: digits mark, with a ^ those from the eleventh on, a full stop goes on to the next place.
foreach (
    explode(
        ' ',
        '1 2 3 . 1 2 3 4 5 6 7 8 9 0 . 1 2 3 5 6 7 8 . 1 2 3 4 5 6 7 9 0 . 1 2 3 4 5 6 7 8 9 0 ^1 . 1 2 3 4 5 6 '.
            '7 8 . 1 2 3 4 5 6 7 8 9 . 1 2 3 4 5 . 1 2',
    ) as $key
) {
    $key === '.' ? $browser->press('.') : $browser->tile($key);
}
$browser
    ->click('.tile[data-item="steering.gearbox"] .points')
    ->click('[data-point=mounted]')
    ->waitForText('all sent', '[data-test=keeping]');
$settle();
$browser->shot($folder.'scoring.png');
$browser->resize(820, 1180);
$settle();
$browser->shot($folder.'scoring-tablet.png');
$browser->press(WebDriverKeys::ESCAPE)->resize(390, 844);
$settle();
$browser->shot($folder.'scoring-phone.png');
$browser->resize(1280, 800);

// A walk that is recorded and heard: a synthetic voice speaks into the microphone.
$wave = sys_get_temp_dir().'/pasada-shot-'.getmypid().'.wav';
(new Process([
    'flite', '-voice', 'rms', '-o', $wave, '-t', 'three points of contact. my seat belt is securely mounted. '.
        'it is not cut or frayed and it works. now the safe start. the gear is in neutral.',
]))->mustRun();
$hearing = Browser::hearing($wave);
$client = $hearing->signIn('paul@ferrow-sound.example')->client();
$client->send('PUT', '/students/3/sound', ['agrees' => true]);
$told = ['name', 'state', 'time_zone', 'two_factor_roles', 'start_is_done'];
$school = array_intersect_key($client->send('GET', '/school'), array_flip($told));
$client->send('PUT', '/school', [...$school, 'keeps_sound' => true]);
$hearing->signIn('rosa@ferrow-sound.example')->visit('/start?student=3')->waitForText('items at', '.preview');
$hearing->click('[data-test=start]')->find('.tile');
$hearing->click('[data-test=record]')->lookUntil(static function () use ($hearing): bool {
    Lane::work();

    return $hearing->count('[data-offer]') > 1;
}, 'Nothing was proposed.');
$hearing->shot($folder.'listening.png')->close();
unlink($wave);
$browser
    ->visit('/start?student=2')
    ->waitForText('items at', '.preview')
    ->click('[data-test=start-words]')
    ->find('[data-test=captions]');
$browser->run(
    "const held = new DataTransfer(); held.items.add(new File([arguments[0]], 'walk.vtt'));
     const input = document.querySelector('[data-test=captions]');
     input.files = held.files;
     input.dispatchEvent(new Event('change', { bubbles: true }));
     ",
    [(string) file_get_contents(dirname(__DIR__, 2).'/examples/walk.vtt')],
);
$browser->waitForText('items heard')->run("document.querySelectorAll('[data-heard] .what')[9].click()");
$settle();
$browser->shot($folder.'words.png');

$browser->visit('/')->waitForText('Just finished');
$settle();
$browser->shot($folder.'today.png');
$browser->visit('/class')->waitForText('Petra Lindvale')->gone('[data-test=waiting]');
$settle();
$browser->shot($folder.'class.png');
$browser->visit('/week')->waitForText('Who walks when?')->choose('Week after');
$settle();
$browser->click('[data-test=propose]')->find('[data-test=keep-week]');
$settle();
$browser->shot($folder.'week.png');
$browser->visit('/students/4/practice')->type('[data-test=spoken]', 'securely mounted, no leaks');
$browser->press(WebDriverKeys::ENTER)->find('[data-test=card-answer]');
$settle();
$browser->shot($folder.'practice.png');
$browser->visit('/students/4')->waitForText('What brings most now');
$browser->run("document.querySelector('[data-test=readiness]').scrollIntoView()");
$settle();
$browser->shot($folder.'student.png');
$browser
    ->waitForText('newest first')
    ->click('.side-by-side section:last-child .row')
    ->waitForText('What to say next time');
$settle();
$browser->shot($folder.'result.png');
$browser->visit('/start?student=7')->waitForText('items at', '.preview')->click('[data-test=start]')->find('.tile');
$browser
    ->visit('/brakes/'.basename((string) parse_url($browser->driver->getCurrentURL(), PHP_URL_PATH)))
    ->waitForText('Start the minute');
$readied = [
    'engine:on', 'cut-out:', 'chocks:in', 'tractor-valve:in', 'trailer-valve:in', 'engine:off', 'key:on', 'pedal:down',
];
foreach ($readied as $seen) {
    $browser->click("[data-seen='$seen']");
}
$browser->click('[data-test=minute]')->click('[data-seen="said:start-reading"]');
usleep(2_300_000);
$browser->shot($folder.'brake-bench.png');

$browser->choose('Sign out')->find('#email');
$browser->signIn('mira@ferrow-sound.example')->waitForText('Mira Tallgrass', 'h1')->choose('Night mode');
$browser->visit('/cab')->waitForText('Start practice')->click('[data-test=climb]')->waitForText('Foot pedal');
foreach (['chocks', 'belt', 'key', 'clutch', 'engine', 'tractor-valve', 'trailer-valve'] as $control) {
    $browser->click("[data-control=$control]");
}
$browser->click('[data-rpm="1200"]')->click('[data-say=start]');
usleep(4_000_000);
$browser->shot($folder.'air-cab.png');
$browser->click('[data-test=leave]')->choose('Day mode')->choose('Sign out')->find('#email');
$browser->signIn('paul@ferrow-sound.example')->waitForText('Just finished');
$browser->visit('/library')->waitForText('Vehicles')->click('.shelf .head');
$settle();
$browser->shot($folder.'library.png');
// The first closes again, so that what is edited is the one that is opened next.
$browser->click('.shelf .head')->choose('Whole walk-around, part by part');
$browser->choose('Edit')->waitForText('Nothing changes for the recorded walks', 'aside');
$browser->click('[data-test=rule-credit]')->choose('Every listed point');
$browser->waitForText('When is an item earned?', 'aside');
$browser->run("document.querySelector('[data-test=rule-credit]').scrollIntoView({ block: 'center' })");
usleep(2_500_000);
$browser->shot($folder.'checklist-draft.png');
$browser
    ->click('[data-test=leaf-list]')
    ->upload('[data-test=list-file]', dirname(__DIR__, 2).'/examples/lists/yard-sheet.csv')
    ->find('[data-test=take-list]');
$browser->run('document.querySelector("[data-test=take-list]").scrollIntoView({ block: "end" })');
$settle();
$browser->shot($folder.'own-list.png');
$browser->visit('/school')->waitForText('All is set up');
$settle();
$browser->shot($folder.'school.png');
$browser->choose('Sign out')->find('#email');
$browser->signIn('ilse@ferrow-sound.example')->waitForText('Just finished');
$browser
    ->visit('/start?student=5')
    ->waitForText('items at', '.preview')
    ->click('[data-test=start]')
    ->waitForText('Before the examination begins');
foreach (['student', 'vehicle', 'told'] as $confirm) {
    $browser->click("[data-confirm=$confirm]");
}
$browser->click('[data-test=begin]')->find('.tile');
foreach (['1', '2', '4'] as $key) {
    $browser->tile($key);
}
$browser->waitForText('all sent', '[data-test=keeping]');
$settle();
$browser->shot($folder.'examination.png');
$browser->close();

fwrite(STDOUT, 'Pictures are in docs/screenshots/.'.PHP_EOL);
