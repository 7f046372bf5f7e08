<?php

declare(strict_types=1);

use Tests\Support\Browser;

// A student alone with a tablet: picks a place, says it, sees what is missing, hears the words.

it('lets a student rehearse alone, by typing, and tells what is missing with the words for it', function (): void {
    $browser = Browser::open(820, 1180);
    $browser->signIn('mira@ferrow-sound.example')->choose('Rehearse')->waitForText('What do you want to rehearse?');
    expect($browser->accessibilityFaults())->toBe([]);
    $browser->click('[data-scope="section:in-cab"]')->waitForText('said whole', '[data-test=how-far]');
    $browser->type('[data-test=spoken]', 'my seat belt is securely mounted, it is not cut or frayed, and it latches');
    $browser->press("\n")->waitForText('1 of', '[data-test=how-far]');
    $browser->click('[data-test=rehearsed]')->waitForText('not said whole')->find('[data-unsaid="cab.horn_electric"]');
    expect($browser->count('[data-unsaid="cab.seat_belt"]'))->toBe(0)
        ->and($browser->accessibilityFaults())->toBe([]);
    // The voice is there: it plays, and stops when it is asked to.
    $browser->click('[data-hear-place=seat]')->waitForText('Stop', '[data-hear-place=seat]')
        ->click('[data-hear-place=seat]')->waitForText('Hear all of it said', '[data-hear-place=seat]');

    $browser->click('[data-test=again]')->waitForText('0 of', '[data-test=how-far]');
    $browser->choose('Back to how ready you are')->waitForText('1 of', '[data-test=rehearsed-alone]');
    $browser->close();
});
