<?php

declare(strict_types=1);

use Tests\Support\Browser;

require __DIR__.'/../../vendor/autoload.php';
$folder = '/tmp/pics/';
$settle = static fn (): ?int => usleep(1_200_000);
$browser = Browser::open();
$browser->signIn('paul@ferrow-sound.example')->find('main');
$browser->visit('/library')->waitForText('Vehicles');
$settle();
$browser->shot($folder.'library.png');
$draft = $browser->run("const t=await fetch('/api/v1/drafts',{method:'POST',headers:{'Content-Type':'application/json','Accept':'application/json','X-XSRF-TOKEN':decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)?.[1]??'')},body:JSON.stringify({kind:'vehicle',usual:'crate-box-truck'})}); return (await t.json()).id;");
$browser->visit('/drafts/'.$draft)->waitForText('Brakes and drives');
$t=microtime(true);
$browser->waitForText('no inspections on it');
echo microtime(true)-$t, "\n";
$browser->choose('Hitch a trailer with a drawbar');
$settle(); $settle(); $settle();
$browser->shot($folder.'box-hitched.png');
$browser->run("document.querySelectorAll('section.unit')[1].scrollIntoView();return 1");
$settle();
$browser->shot($folder.'box-unit2.png');
$browser->run("[...document.querySelectorAll('h2')].find(h=>h.textContent==='Brakes and drives').scrollIntoView();return 1");
$browser->click('[data-test=add-defect]');
$settle();
$browser->run("[...document.querySelectorAll('h2')].find(h=>h.textContent==='Its own figures').scrollIntoView();return 1");
$settle();
$browser->shot($folder.'box-defect.png');
$browser->signIn('rosa@ferrow-sound.example')->find('main');
foreach (['Twin 8' => 'Every axle', 'Crate 2' => 'Whole walk-around'] as $vehicle => $list) {
    $id = $browser->beginWalk(2, $vehicle, $list);
    $browser->find('.tile');
    $settle();
    $browser->shot($folder.'walk-'.substr($vehicle,0,4).'.png');
    if ($vehicle === 'Twin 8') {
        $browser->lookAt('coupling-second-trailer');
        $settle();
        $browser->shot($folder.'walk-doubles-coupling.png');
        $browser->resize(390, 844);
        $settle();
        $browser->shot($folder.'walk-doubles-phone.png');
        $browser->resize(1280, 800);
    } else {
        $browser->visit('/brakes/'.$id)->waitForText('Brake tests');
        $settle();
        $browser->shot($folder.'bench-box.png');
    }
}
