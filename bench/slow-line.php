<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\Support\Browser;

require __DIR__.'/../vendor/autoload.php';

// How long the sign-in form takes on a slow 3G line, 400 kbit/s and 400 ms, on a device that never saw the page:
// ./pasada bench slow-line. The first visit alone is cold; later ones come from the page's worker.
const BITS_A_SECOND = 400 * 1024;
const LATENCY_MS = 400;

$browser = Browser::open(390, 844);
$line = new ChromeDevToolsDriver($browser->driver);
$line->execute('Network.enable');
$line->execute('Network.setCacheDisabled', ['cacheDisabled' => true]);
$line->execute('Network.emulateNetworkConditions', [
    'offline' => false, 'latency' => LATENCY_MS,
    'downloadThroughput' => intdiv(BITS_A_SECOND, 8), 'uploadThroughput' => intdiv(BITS_A_SECOND, 8),
]);
$began = hrtime(true);
// The form is there before the page is complete, for whose fonts a browser would wait.
$browser->leaveFor('/sign-in')->find('#email');
printf("sign-in form after %.2f s\n", (hrtime(true) - $began) / 1e9);
$browser->close();
