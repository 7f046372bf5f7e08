<?php

declare(strict_types=1);

namespace Pasada\Bench;

use Tests\Support\Browser;

/** From a tap on a tile to the painted change, on the scoring screen that is open. */
final readonly class TapTime
{
    /** @return list<float> milliseconds, of about so many taps; a place that is done is left on the way */
    public static function of(Browser $browser, int $taps): array
    {
        $times = [];
        for ($n = 0; $n < $taps; $n++) {
            $ms = $browser->driver->executeAsyncScript(<<<'JS'
                const done = arguments[arguments.length - 1];
                const tile = document.querySelector('.tile[data-state=not_reached]');
                if (tile === null) {
                    document.querySelector('[data-test=next]').click();
                    setTimeout(() => done(null), 300);
                    return;
                }
                const start = performance.now();
                new MutationObserver((_, seen) => {
                    seen.disconnect();
                    requestAnimationFrame(() => setTimeout(() => done(performance.now() - start)));
                })
                    .observe(tile, { attributes: true, attributeFilter: ['data-state'] });
                tile.querySelector('.main').click();
                JS);
            if (is_numeric($ms)) {
                $times[] = (float) $ms;
            }
        }

        return $times;
    }
}
