<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Str;
use Pasada\Core\Tests\Listing\OwnList;
use Tests\Support\ApiClient;
use Tests\Support\Browser;
use Tests\Support\Xlsx;

beforeEach(function (): void {
    $this->browser = Browser::open();
    $this->browser->signIn('paul@ferrow-sound.example', null);
});

afterEach(function (): void {
    $this->browser->close();
});

/** Stored id of the newest version of a checklist or vehicle whose name starts so. */
function inLibrary(ApiClient $person, string $shelf, string $start): int
{
    foreach ($person->send('GET', '/library')[$shelf] as $entry) {
        if (str_starts_with($entry['name'], $start)) {
            return $entry['versions'][0]['id'];
        }
    }

    throw new RuntimeException("Nothing in the library is called $start.");
}

/**
 * Ninety parts as a made-up state lists them: a title, an empty row, columns in its own order, headings in capitals.
 *
 * @return array<int, list<string>> by row of the sheet
 */
function stateSheet(): array
{
    $rows = [1 => ['Applicant sheet of a made-up state'], 3 => ['Ref', 'Form', 'What the applicant names', 'Must']];
    $next = 4;
    $number = 0;
    foreach (
        [
            'In the cab' => ['cab', '', 20], 'Brake tests' => ['brakes', '', 8], 'Engine' => ['engine-right', 'A', 13],
            'Oil side of the engine' => ['engine-left', 'A', 7], 'Front axle' => ['axle:steer', 'B', 14],
            'Cab side' => ['side', 'B', 12], 'Drive axle' => ['axle:drive', 'A', 10],
            'Trailer' => ['trailer-side', '', 6],
        ] as $section => [$zone, $form, $many]
    ) {
        $rows[$next++] = ['', '', mb_strtoupper($section)];
        $names = [];
        foreach (array_keys(OwnList::known()->components) as $id) {
            foreach (OwnList::known()->stops($id, []) as $stop) {
                if ($zone === $stop['zone'].(isset($stop['axles']) ? ':'.$stop['axles'] : '')) {
                    $names[$id] = OwnList::known()->name($id);
                }
            }
        }
        foreach (array_slice($names, 0, $many) as $name) {
            $number++;
            $rows[$next++] = [(string) $number, $form, $name, $number % 30 === 1 ? 'X' : ''];
        }
    }

    return $rows;
}

it('makes a state\'s list of ninety items, and walks it perfectly on every vehicle', function (): void {
    $browser = $this->browser;
    $person = $browser->client();
    $base = inLibrary($person, 'checklists', 'Whole walk-around');
    $draft = $person->send('POST', '/drafts', ['kind' => 'checklist', 'base_id' => $base, 'as_new' => true]);
    $path = sys_get_temp_dir().'/state-list.xlsx';
    $rows = stateSheet();
    file_put_contents($path, Xlsx::of($rows));
    expect(array_filter($rows, static fn (array $row): bool => is_numeric($row[0])))->toHaveCount(90);
    $browser
        ->visit("/drafts/{$draft['id']}")
        ->click('[data-test=leaf-list]')
        ->upload('[data-test=list-file]', $path)
        ->find('[data-test=take-list]');
    if ($browser->count('[data-test=agree]') > 0) {
        $browser->click('[data-test=agree]')->gone('[data-test=doubtful]');
    }
    $browser->click('[data-test=take-list]')->waitForText('90 parts are in the draft');
    unlink($path);
    $browser->waitForText('all kept', '[data-test=kept]')->gone('.faults');
    $browser->click('[data-test=publish]')->type('#reason', 'New sheet of the state')->click('[data-test=publish-now]');
    $browser->waitForText('What is asked, and of which vehicles?');

    $rosa = $browser->signIn('rosa@ferrow-sound.example', null)->client();
    $choices = $rosa->send('GET', '/choices');
    expect(count($choices['vehicles']))->toBeGreaterThanOrEqual(12);
    foreach ($choices['vehicles'] as $vehicle) {
        $id = (string) Str::uuid7();
        $on = $rosa->choice('Copy of Whole walk-around', $vehicle['name']);
        $rosa->send('POST', '/attempts', ['id' => $id, 'student_id' => 2, ...$on]);
        $marks = [];
        $stamp = static function () use (&$marks): array {
            return ['id' => (string) Str::uuid7(), 'at_ms' => count($marks) * 4000];
        };
        foreach ($rosa->send('GET', "/attempts/$id")['inspection']['places'] as $place) {
            $marks[] = [...$stamp(), 'kind' => 'place_entered', 'place' => $place['id']];
            foreach ($place['items'] as $item) {
                $marks[] = [...$stamp(), 'kind' => 'heard_whole', 'item' => $item['id']];
            }
        }
        $marks[] = [...$stamp(), 'kind' => 'finished'];
        $rosa->send('POST', "/attempts/$id/marks", ['recorder' => (string) Str::uuid7(), 'marks' => $marks]);
        $sheet = $rosa->send('GET', "/attempts/$id")['sheet'];

        expect([$vehicle['name'], $sheet['permille'], $sheet['out_of_place'], $sheet['sections_out_of_place']])
            ->toBe([$vehicle['name'], 1000, 0, []]);
    }
});

it('begins a truck as a usual one, hitches a trailer on and takes it off', function (): void {
    $browser = $this->browser->visit('/library')->waitForText('Vehicles');
    $browser->click('[data-test=usual]')->press('26 ft', WebDriverKeys::ENTER)->click('[data-test=begin-usual]');
    $browser->waitForText('There are no inspections on it yet', 'aside');
    $browser->choose('Hitch a trailer with a drawbar')->find('[data-place="coupling-trailer"]');
    $browser->click('[data-test=hitch]')->choose('Gooseneck ball')->waitForText('all kept', '[data-test=kept]');
    $browser->choose('Hitch a trailer with a drawbar')->find('[data-place="coupling-second-trailer"]');
    $browser->click('[aria-label="Unhitch Second trailer"]')->gone('[data-place="coupling-second-trailer"]');
    $browser->click('[aria-label="Unhitch Trailer"]')->gone('[data-place="coupling-trailer"]');
    expect($browser->count('.faults'))->toBe(0);
});

it('points out what is left of the vehicle that was copied', function (): void {
    $of = inLibrary($this->browser->client(), 'vehicles', 'Crate 2');
    $draft = $this->browser->client()->send('POST', '/drafts', [
        'kind' => 'vehicle', 'base_id' => $of, 'as_new' => true,
    ])['id'];
    $this->browser
        ->visit("/drafts/$draft")
        ->waitForText('Its own figure at wheel.tyre is still that of the other one (95 to 100)', '.alert');
});

it('runs the brake tests of a truck without air', function (): void {
    $browser = $this->browser->signIn('rosa@ferrow-sound.example', null);
    $id = $browser->beginWalk(4, 'Crate 2');
    $browser->visit("/brakes/$id")->waitForText('Now: Brake pedal held');
    expect($browser->count('[data-test=minute]'))->toBe(0)->and($browser->count('[data-seen="cut-out:"]'))->toBe(0);
    $browser->click('[data-test=at-hand] [data-seen="pumped:"]')->click('[data-test=at-hand] [data-seen="pedal:down"]');
    $browser->until(
        "return parseFloat(document.querySelector('[data-test=pedal-clock]').textContent) >= 5",
        'five seconds of the pedal clock',
    );
    $browser->click('[data-test=at-hand] [data-seen="pedal-held:firm"]')->waitForText('Now: Parking brake');
    foreach (['belt:on', 'engine:on', 'gear:low', 'parking-brake:set', 'tug:held'] as $seen) {
        $browser->click("[data-test=at-hand] [data-seen=\"$seen\"]");
    }
    $browser->waitForText('2 of 3 steps met', '[data-test=standing]');
});

it('asks a point at the steer axle only, and two parts as one', function (): void {
    $browser = $this->browser;
    $base = inLibrary($browser->client(), 'checklists', 'Every axle');
    $draft = $browser->client()->send('POST', '/drafts', ['kind' => 'checklist', 'base_id' => $base, 'as_new' => true]);
    $browser->visit("/drafts/{$draft['id']}")->click('[data-test=leaf-parts]');
    $browser->choose('Air pressure gauges')->click('[data-test=grouped]')->press('Voltm', WebDriverKeys::ENTER);
    $browser->press(WebDriverKeys::ESCAPE)->gone('[aria-label="Voltmeter earlier"]');
    $browser->waitForText('Voltmeter', '[data-test=grouped]');
    $browser->click('[data-test=point-needs] summary');
    $browser->click('[aria-label="Air pressure gauges, reading: only with, line 1"]');
    $browser->press('the steer', WebDriverKeys::ENTER, WebDriverKeys::ESCAPE);
    $browser->until(
        "return document.querySelector('[data-test=point-needs] summary').textContent.includes('(1)')", 'the point',
    );
});

it('archives a vehicle, and brings it back', function (): void {
    $browser = $this->browser->visit('/library')->waitForText('Vehicles');
    $browser->choose('Silo 3')->click('[data-test=archive]')->type('[aria-label="Why it is archived"]', 'Sold');
    $browser->click('[data-test=archive-now]')->waitForText('Archived (1)')->click('.shelf summary');
    $browser->waitForText('archived: Sold')->choose('Silo 3')->click('[data-test=unarchive]');
    $browser->until("return ! document.body.textContent.includes('Archived (')", 'no archived vehicle');
});
