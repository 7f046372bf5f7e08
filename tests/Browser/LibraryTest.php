<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;
use Tests\Support\Xlsx;

beforeEach(function (): void {
    $this->browser = Browser::open();
    $this->browser->signIn('paul@ferrow-sound.example', null);
    $this->change = function (int $shelf, string $name): Browser {
        $this->browser->visit('/library')->waitForText($name);
        $this->browser->choose($name)->choose('Edit');

        return $this->browser;
    };
    // A draft of its own, whatever other tests left open.
    $this->copy = function (string $name): Browser {
        $of = array_column($this->browser->ask('/library')['checklists'], 'versions', 'name')[$name];
        $draft = $this->browser->client()->send('POST', '/drafts', [
            'kind' => 'checklist', 'base_id' => $of[0]['id'], 'as_new' => true,
        ])['id'];

        return $this->browser->visit("/drafts/$draft")->waitForText('Copy of '.$name, 'h1');
    };
});

afterEach(function (): void {
    $this->browser->close();
});

it('changes a rule, shows for whom it changes, takes it back, and keeps it over a reload', function (): void {
    $browser = ($this->change)(0, 'Whole walk-around, part by part')->waitForText('To pass');
    $browser->waitForText('Nothing changes for the recorded walks', 'aside');
    $browser->click('[data-test=rule-credit]')->choose('Every listed point');
    $browser
        ->waitForText('Every listed point', '[data-test=rule-credit]')
        ->waitForText('When is an item earned?', 'aside')
        ->waitForText('all kept', '[data-test=kept]');
    $browser->waitForText('recorded walks', 'aside');
    $address = $browser->driver->getCurrentURL();
    $browser->driver->get($address);
    $browser->waitForText('Every listed point', '[data-test=rule-credit]')->choose('Undo');
    $browser
        ->waitForText('All its essential points', '[data-test=rule-credit]')
        ->waitForText('Nothing is different', 'aside')
        ->choose('Redo');
    $browser->waitForText('Every listed point', '[data-test=rule-credit]');
});

it('changes which brake tests are asked, in which order and within which limits', function (): void {
    $browser = ($this->change)(0, 'Every axle, every point')->waitForText('The brake tests in their order');
    $order = fn (): string => (string) $browser->run(
        "return [...document.querySelectorAll('[data-brake-step]')].map((one) => one.dataset.brakeStep).join(' ')",
    );
    expect($order())->toBe(
        'cut-out leak-applied low-air spring-pop build-up pedal-hold tug-tractor tug-trailer tug-hand '.
            'park-brake service',
    );
    $browser
        ->click('[aria-label="Leave out build-up"]')
        ->gone('[data-brake-step=build-up]')
        ->click('[data-test=add-brake-step]')
        ->choose('Build-up')
        ->find('[data-brake-step=build-up]');
    $browser
        ->click('[aria-label="build-up earlier"]')
        ->click('[aria-label="Leave out low-air"]')
        ->gone('[data-brake-step=low-air]');
    expect($order())->toBe(
        'cut-out leak-applied spring-pop pedal-hold tug-tractor tug-trailer tug-hand park-brake build-up '.
            'service',
    );
    $browser
        ->type('[aria-label="Leak test, brakes applied: Started at no less than"]', '90')
        ->enter()
        ->waitForText('from_psi', 'aside')
        ->waitForText('all kept', '[data-test=kept]');
    $browser->driver->navigate()->refresh();
    $browser->waitForText('The brake tests in their order');
    expect($order())->toBe(
        'cut-out leak-applied spring-pop pedal-hold tug-tractor tug-trailer tug-hand park-brake build-up '.
            'service',
    );
});

it('says what is wrong, and does not put it in force', function (): void {
    $browser = ($this->change)(0, 'Short list, lights and linkage as one')->waitForText('To pass');
    $browser
        ->click('[data-test=leaf-parts]')
        ->click('[data-part="cab.seat_belt"]')
        ->click('[data-code=works]')
        ->click('[data-code=works]')
        ->click('[data-code=intact]')
        ->click('[data-code=intact]');
    $browser->waitForText('wrong', '.faults')->waitForText('asks for a list with at least one entry', '.faults');
    $browser->click('[data-test=publish]');
    expect($browser->find('[data-test=publish-now]')->isEnabled())->toBeFalse();
});

it('puts a changed vehicle in force and says in its versions what was changed', function (): void {
    $browser = ($this->change)(1, 'Silo 3, day cab with grain hopper')->waitForText('Its own figures');
    $browser->find('#vehicle-name')->sendKeys([WebDriverKeys::END, ', new tarp']);
    $browser
        ->waitForText('all kept', '[data-test=kept]')
        ->waitForText('Silo 3, day cab with grain hopper, new tarp', 'aside');
    $browser->click('[data-test=body]')->choose('Tank');
    $browser->waitForText('tanker', 'aside')
        ->click('[data-test=publish]')
        ->type('#reason', 'It has a new tarp')
        ->click('[data-test=publish-now]');
    $browser->waitForText('Silo 3, day cab with grain hopper, new tarp')->choose('new tarp')->choose('Versions');
    $browser->waitForText('What was changed?')->waitForText('tanker')->waitForText('It has a new tarp');
    // Withdrawn with a reason, and brought back; the one before holds meanwhile.
    $browser->click('[data-version="2"] [data-test=withdraw]')->waitForText('Version 1 is in force then.');
    $browser
        ->type('[aria-label="Why it is withdrawn"]', 'The tarp is gone')
        ->click('[data-test=withdraw-now]')
        ->waitForText('The tarp is gone', '[data-version="2"]')
        ->waitForText('In force', '[data-version="1"]')
        ->click('[data-test=bring-back]')
        ->waitForText('In force since', '[data-version="2"]');
});

it('discards a draft and brings it back', function (): void {
    $browser = ($this->copy)('Every axle, every point');
    $browser->click('[data-test=publish]')->choose('Discard draft');
    $browser->waitForText('The draft is discarded')->click('[data-test=undo-discard]');
    $browser->waitForText('Copy of Every axle, every point', 'h1');
});

it('lists what is asked of a vehicle, by form, and why the rest is not', function (): void {
    $browser = $this->browser->visit('/library')->waitForText('Cab, brakes, coupling and one drawn form');
    $browser->choose('Cab, brakes, coupling and one drawn form')->choose('What is asked');
    $browser
        ->waitForText('nobody is asked all of them')
        ->waitForText('Only with air suspension', '[data-test=left-out]')
        ->click('[aria-label=Form]')
        ->choose('Form C, trailer');
    $browser->waitForText('Not in Form C, trailer', '[data-test=left-out]');
});

it('tells every fault of a file that is brought in', function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'pasada-broken-');
    file_put_contents($file, '{"format": "pasada-checklist/1", "id": "x"}');
    $this->browser->visit('/library')->waitForText('Import');
    $this->browser->driver
        ->findElement(Facebook\WebDriver\WebDriverBy::cssSelector('[data-test=bring-checklist]'))
        ->sendKeys($file);
    $this->browser
        ->waitForText('Nothing was imported')
        ->waitForText('sections: asks for a list with at least one entry')
        ->waitForText('rules: asks for an object');
});

it('scores a finished walk under another checklist', function (): void {
    $this->browser
        ->visit('/students/12')
        ->waitForText('newest first')
        ->click('.side-by-side section:last-child .row')
        ->waitForText('What to say next time');
    $this->browser
        ->click('[data-test=what-if]')
        ->choose('Every axle, every point')
        ->waitForText('items score differently', '.card');
});

it('starts a walk under a drawn form', function (): void {
    $this->browser->signIn('rosa@ferrow-sound.example', '/start?student=5')->waitForText('items at', '.preview');
    $this->browser
        ->click('[data-test=checklist]')
        ->choose('Cab, brakes, coupling and one drawn form')
        ->waitForText('Up to', '.preview')
        ->click('[data-test=form]')
        ->choose('Form C, trailer');
    $this->browser
        ->waitForText('Form C, trailer', '[data-test=form]')
        ->gone('.preview .up-to')
        ->click('[data-test=start]')
        ->find('.tile');
    // The tractor's front is not asked by this form, the trailer's axles are.
    expect($this->browser->count('[data-place="engine-left"]'))
        ->toBe(0)
        ->and($this->browser->count('[data-place="trailer-wheel-1"]'))
        ->toBe(1);
});

it('makes a checklist from a workbook of odd layout: columns, doubts, faults, and back', function (): void {
    $rows = [
        1 => ['Walk of a made-up state, 2026'],
        3 => ['No', 'Area', 'Inspection item', 'Student must say', 'Form', 'Auto fail'],
        4 => ['1', 'Engine compartment', 'Oil level (dipstick)', 'level between marks', 'A'],
        5 => ['2', '', 'Alternater', 'mounted, no cracks', 'A'],
        6 => ['3', 'Front axle', 'Leaf springs', 'not cracked', 'B'],
        7 => ['4', '', 'Brake drum / rotor', 'no cracks', 'B', 'x'],
        8 => ['5', 'Trailer', 'Landing gear', 'raised', 'C'],
        9 => ['6', '', 'Cargo straps', 'tight', 'C'],
        10 => ['7', 'In-cab', 'Seat belt', 'latches', '', 'yes'],
    ];
    $path = sys_get_temp_dir().'/own-list.xlsx';
    file_put_contents($path, Xlsx::of([...$rows, 11 => ['8', '', 'Seat belt']]));
    $browser = ($this->copy)('Cab, brakes, coupling and one drawn form');
    $browser
        ->click('[data-test=leaf-list]')
        ->upload('[data-test=list-file]', $path)
        ->waitForText('is the same part as', '[data-test=list-faults]')
        ->waitForText('Cargo straps', '[data-test=doubtful]');
    // The line is left out in the file, and the list read once more.
    file_put_contents($path, Xlsx::of($rows));
    $browser
        ->upload('[data-test=list-file]', $path)
        ->gone('[data-test=list-faults]')
        ->click('[data-test=agree]')
        ->gone('[data-test=doubtful]')
        ->click('[data-test=take-list]')
        ->waitForText('7 parts are in the draft')
        ->waitForText('all kept', '[data-test=kept]');
    $browser->click('[data-test=leaf-sections]')->find('[data-section=front-axle]');
    $browser->find('[aria-label="Name of form b"]');
    $browser->choose('Undo');
    $browser->find('[data-section=brake-tests]');
    unlink($path);
});

it('changes sections, stops and forms, and asks a part that is known', function (): void {
    $browser = ($this->copy)('Short list, lights and linkage as one');
    $browser->click('[data-test=leaf-sections]')->click('[data-test=add-section]')->find('[data-section=new-section]');
    $browser->type('[data-section=new-section] input', 'Winter gear')->waitForText('1 thing is wrong', 'aside');
    $browser
        ->click('[data-test=leaf-parts]')
        ->click('[aria-label="Ask one more part at New stop"]')
        ->press('Front bump')
        ->choose('Front bumper')
        ->find('[data-test=critical]');
    $browser
        ->click('[data-test=critical]')
        ->gone('.faults')
        ->waitForText('all kept', '[data-test=kept]')
        ->waitForText('With it goes that it has to be earned to pass')
        ->click('[data-test=leave-out]')
        ->gone('[data-test=critical]');
});

it('picks a known defect from the parts, the axles and what can be wrong with them', function (): void {
    $browser = ($this->change)(1, 'Tide 5')->waitForText('Known defects');
    $browser->click('[data-test=add-defect]')->click('[aria-label="Part of defect 1"]')->press('Brake drum');
    $browser->choose('Brake drum')->click('[aria-label="Place of defect 1"]')->choose('steer axle');
    $browser->click('[aria-label="What is wrong, defect 1"]')->choose('cracked');
    $browser->waitForText('all kept', '[data-test=kept]')->gone('.faults');
    $browser->waitForText('cracked', 'aside');
});
