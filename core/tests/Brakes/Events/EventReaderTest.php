<?php

declare(strict_types=1);

use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventReader;
use Pasada\Core\Document\DocumentHasFaults;

/**
 * @param  array<string, mixed>  ...$events
 * @return list<BrakeEvent>
 */
function readEvents(array ...$events): array
{
    return (new EventReader)->read((string) json_encode(['events' => $events]));
}

it('takes figures, times and words up to their ends', function (array $event): void {
    expect(readEvents($event))->toHaveCount(1);
})->with([
    'no pressure' => [['at_ms' => 0, 'kind' => 'reading', 'primary' => 0, 'secondary' => 0]],
    'all a gauge shows' => [['at_ms' => 0, 'kind' => 'reading', 'primary' => 200, 'secondary' => 200]],
    'four hours' => [['at_ms' => 14_400_000, 'kind' => 'engine', 'to' => 'on']],
    'a fast engine' => [['at_ms' => 0, 'kind' => 'rpm', 'value' => 10_000]],
    'many words' => [['at_ms' => 0, 'kind' => 'spoken', 'text' => str_repeat('a', 1000)]],
    'a limit without its figure' => [['at_ms' => 0, 'kind' => 'said', 'to' => 'limit', 'test' => 'low-air']],
    'a warning without gauges' => [['at_ms' => 0, 'kind' => 'warning']],
]);

it('refuses what lies beyond, naming the place', function (array $event, string $fault): void {
    expect(fn () => readEvents($event))->toThrow(DocumentHasFaults::class, $fault);
})->with([
    [
        ['at_ms' => 0, 'kind' => 'reading', 'primary' => -0.001, 'secondary' => 0],
        'events[0].primary: is -0.001; a gauge shows 0 to 200',
    ],
    [['at_ms' => 0, 'kind' => 'reading', 'primary' => 0, 'secondary' => 200.001], 'events[0].secondary: is 200.001'],
    [['at_ms' => 0, 'kind' => 'reading', 'primary' => 100], 'events[0].secondary: is missing'],
    [['at_ms' => 0, 'kind' => 'rpm'], 'events[0].value: is missing'],
    [
        ['at_ms' => 14_400_001, 'kind' => 'engine', 'to' => 'on'],
        'events[0].at_ms: asks for a whole number from 0 to 14400000',
    ],
    [['at_ms' => -1, 'kind' => 'engine', 'to' => 'on'], 'events[0].at_ms: asks for a whole number'],
    [['at_ms' => 0, 'kind' => 'rpm', 'value' => 10_001], 'events[0].value: is 10001'],
    [
        ['at_ms' => 0, 'kind' => 'spoken', 'text' => str_repeat('a', 1001)],
        'events[0].text: is longer than 1000 letters',
    ],
    [['at_ms' => 0, 'kind' => 'engine', 'to' => 'on', 'value' => 3], 'events[0].value: is not known here'],
    [['at_ms' => 0, 'kind' => 'minute-ended'], 'events[0].kind: ends a minute that was not started'],
]);

it('refuses fields that are none of a list of events', function (): void {
    expect(fn () => (new EventReader)->read('{"events": [], "speed": 1}'))
        ->toThrow(DocumentHasFaults::class, 'speed: is not known here')
        ->and((new EventReader)->read('{"pasada": "0.1.0", "events": []}'))->toBe([]);
});

it('lets a second minute be started and ended, and none be ended twice or behind a restart', function (): void {
    $of = static fn (string ...$kinds): array => array_map(
        static fn (string $kind, int $n): array => ['at_ms' => $n, 'kind' => $kind],
        $kinds,
        array_keys($kinds),
    );

    expect(readEvents(...$of('minute-started', 'minute-ended', 'minute-started', 'minute-ended')))->toHaveCount(4)
        ->and(fn () => readEvents(...$of('minute-started', 'minute-ended', 'warning', 'minute-ended')))
        ->toThrow(DocumentHasFaults::class, 'events[3].kind: ends a minute')
        ->and(fn () => readEvents(...$of('minute-started', 'restarted', 'minute-ended')))
        ->toThrow(DocumentHasFaults::class, 'events[2].kind: ends a minute');
});
