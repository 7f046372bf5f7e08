<?php

declare(strict_types=1);

use Tests\Support\Browser;

require __DIR__.'/../../vendor/autoload.php';

// Pictures of the main views from demo data, into docs/screenshots/. Run by ./pasada shot.
$folder = dirname(__DIR__, 2).'/docs/screenshots/';
$settle = static fn (): ?int => usleep(900_000);

$browser = Browser::open();
$browser->visit('/sign-in')->find('#email');
$settle();
$browser->shot($folder.'sign-in.png');

$browser->signIn('rosa@ferrow-sound.example')->waitForText('Walks just finished');
$browser->visit('/start?student=2')->waitForText('items at', '.preview');
$settle();
$browser->shot($folder.'new-attempt.png');

$browser->click('[data-test=start]')->find('.tile');
foreach (str_split('1234.1235678.123456790.1234567890q.12345678.123456789.123456.12') as $key) {
    $browser->press($key);
}
$browser->click('.tile[data-item="steering.gearbox"] .points')->click('[data-point=mounted]')->waitForText('all sent', '[data-test=keeping]');
$settle();
$browser->shot($folder.'scoring.png');
$browser->resize(820, 1180);
$settle();
$browser->shot($folder.'scoring-tablet.png');
$browser->resize(390, 844);
$settle();
$browser->shot($folder.'scoring-phone.png');
$browser->resize(1280, 800)->click('[data-test=finish]')->waitForText('not whole');
$settle();
$browser->shot($folder.'finish.png');

$browser->visit('/')->waitForText('Walks just finished');
$settle();
$browser->shot($folder.'today.png');
$browser->visit('/students')->waitForText('Petra Lindvale');
$settle();
$browser->shot($folder.'students.png');
$browser->visit('/students/4')->waitForText('newest first');
$settle();
$browser->shot($folder.'student.png');
$browser->click('.two section:last-child .row')->waitForText('What to say next time');
$settle();
$browser->shot($folder.'result.png');
$browser->run("document.querySelector('.ribbon').scrollIntoView({ block: 'center' })");
$settle();
$browser->shot($folder.'result-order.png');
$browser->choose('Dusk')->run('scrollTo(0, 0)');
$settle();
$browser->shot($folder.'result-dusk.png');
$browser->close();

fwrite(STDOUT, 'Pictures are in docs/screenshots/.'.PHP_EOL);
