<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Support\Browser;
use Tests\Support\Chromium;
use Tests\Support\FastWalk;

/**
 * @return array{
 *    marks: list<array<string, mixed>>, sheet: array{items: list<array<string, mixed>>}, checklist: array{id: string},
 *    vehicle: array{id: string},
 * }
 */
function recordOf(Browser $browser, string $attempt): array
{
    $browser->allSent();

    return json_decode(
        (string) $browser->driver->executeAsyncScript(
            'fetch(`/api/v1/attempts/${arguments[0]}/record`).then((r) => r.text()).then(arguments[1])',
            [$attempt],
        ),
        true,
    );
}

/** The sheet as the engine gives it for these marks, from outside. */
function scoredAnew(array $record): string
{
    $file = (string) tempnam(sys_get_temp_dir(), 'pasada-marks-');
    file_put_contents($file, json_encode(['marks' => $record['marks']]));
    $run = new Process([
        'php', dirname(__DIR__, 2).'/artisan', 'pasada:score', '--checklist='.$record['checklist']['id'],
        '--vehicle='.$record['vehicle']['id'], '--marks='.$file,
    ]);
    $run->mustRun();
    unlink($file);

    return (string) json_encode(json_decode($run->getOutput(), true));
}

it('keeps up with a fast walk, loses nothing, and asks for at most 1.25 actions an item', function (string $way): void {
    $browser = Browser::open(820, 1180);
    $browser->signIn('rosa@ferrow-sound.example', null);
    if ($way === 'touch') {
        $browser->withTouch();
    }
    $attempt = $browser->beginWalk($way === 'touch' ? 3 : 6);
    $walk = FastWalk::on($browser);
    $way === 'touch' ? $walk->byTouch() : $walk->byKeys();
    $record = recordOf($browser, $attempt);
    $states = array_column($record['sheet']['items'], 'status', 'id');

    expect($walk->items())->toBe(159)->and($walk->actions / $walk->items())->toBeLessThanOrEqual(1.25);
    foreach ($walk->expected as $item => $state) {
        expect([$item => $states[$item]])->toBe([$item => $states[$item] === 'whole' ? 'whole' : $state]);
    }
    expect(array_filter($states, static fn (string $state): bool => in_array($state, ['whole', 'partial'], true)))
        ->toHaveCount(159)
        ->and(json_encode($record['sheet']))
        ->toBe(scoredAnew($record));
    $browser->close();
})->with(['touch', 'keyboard']);

it(
    'scores a whole walk without network, over two reloads and a dead battery, and sends it once and in order',
    function (): void {
        $profile = Chromium::profile();
        $browser = Browser::open(820, 1180, $profile);
        $attempt = $browser->signIn('rosa@ferrow-sound.example', null)->beginWalk(9);
        // The first visit hands the page over to its worker.
        $browser->until('return navigator.serviceWorker.controller !== null', 'The worker did not take the page over.');
        $address = $browser->driver->getCurrentURL();
        $browser->offline(true);
        $walk = FastWalk::on($browser);
        $third = intdiv(count($walk->steps), 3);
        $walk->byKeys(0, $third);
        $browser->waitForText('kept here', '[data-test=keeping]')->driver->navigate()->refresh();
        $browser->find('.tile');
        $walk->byKeys($third, 2 * $third);
        $browser->waitForText('kept here', '[data-test=keeping]');
        // What is shown as kept is on the device.
        $kept = $browser->run(
            <<<'JS'
            return new Promise((done) => {
                const open = indexedDB.open('pasada-outbox');
                open.onsuccess = () => {
                    const count = open.result.transaction('waiting').objectStore('waiting').count();
                    count.onsuccess = () => { open.result.close(); done(count.result); };
                };
            });
            JS
            ,
        );
        expect($kept)->toBe((int) $browser->text('[data-test=keeping]'));
        $browser->driver->manage()->deleteAllCookies();
        Chromium::kill($profile);

        $again = Browser::open(820, 1180, $profile);
        $again->driver->get('about:blank');
        $again->offline(true)->driver->get($address);
        $again->find('.tile');
        $rest = FastWalk::on($again);
        $rest->byKeys(2 * $third);
        $again->driver->navigate()->refresh();
        $again->find('.tile');
        $again->waitForText('kept here', '[data-test=keeping]')->offline(false);
        // The dead battery took the sign-in along; signing in again sends what waits.
        $again
            ->click('[role=alert] button')
            ->type('#email', 'rosa@ferrow-sound.example')
            ->type('#password', 'walk-the-yard')
            ->enter()
            ->find('.tile');
        $record = recordOf($again, $attempt);
        $states = array_column($record['sheet']['items'], 'status', 'id');
        $made = array_filter(
            $record['marks'],
            static fn (array $mark): bool => in_array($mark['kind'], ['heard_whole', 'points_heard'], true),
        );

        expect($made)
            ->toHaveCount(159)
            ->and(array_unique(array_column($record['marks'], 'id')))
            ->toHaveCount(count($record['marks']))
            ->and(array_intersect($states, ['whole', 'partial']))
            ->toHaveCount(159)
            ->and(json_encode($record['sheet']))
            ->toBe(scoredAnew($record));
        $said = array_merge(
            ...array_map(
                static fn (array $step): array => $step['items'] ?? (isset($step['item']) ? [$step['item']] : []),
                $walk->steps,
            ),
        );
        expect(array_values(array_column($made, 'item')))->toBe($said);
        $again->close();
    },
);

it('starts a walk without network on a vehicle that was kept, and tells the server later', function (): void {
    $browser = Browser::open();
    $browser->signIn('anton@ferrow-sound.example', '/start?student=2')->waitForText('202', '.preview');
    $browser->until('return navigator.serviceWorker.controller !== null', 'The worker did not take the page over.');
    $browser->visit('/')->waitForText('Just finished');
    $browser
        ->offline(true)
        ->visit('/start?student=2')
        ->waitForText('202', '.preview')
        ->click('[data-test=start]')
        ->find('.tile');
    $browser->press('1', '2')->waitForText('2 of', '.count')->waitForText('kept here', '[data-test=keeping]');
    $browser
        ->visit('/')
        ->waitForText('Kept on this device, not sent yet')
        ->waitForText('Odell Marrowby', '[data-test=unsent]');
    $browser->offline(false)->choose('Odell Marrowby')->find('.tile');
    $browser->allSent()->waitForText('2 of', '.count');
    $browser->visit('/')->waitForText('under way')->gone('[data-test=unsent]');
    $browser->close();
});
