<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;
use Pasada\Core\Brakes\Air\AirFaults;
use Pasada\Core\Brakes\Air\AirMakeup;
use Pasada\Core\Brakes\Air\AirScript;
use Pasada\Core\Brakes\Air\AirSystem;
use Pasada\Core\Brakes\Air\TraceWriter;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventFile;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Events\EventWriter;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Table;
use Pasada\Core\Tests\Brakes\Scene;

/** @return list<BrakeEvent> */
function wholeScene(): array
{
    $scene = (new Scene())
        ->ready()
        ->leakTest()
        ->then(EventKind::Said, 'limit', 4, test: BrakeTest::LeakApplied)
        ->warns()
        ->pops()
        ->readyToMove()
        ->tug('out', 'in')
        ->rolls();
    $scene->events[] = new BrakeEvent($scene->atMs, EventKind::Spoken, text: "the area is \"clear\",\nreally");

    return $scene->events;
}

it('reads back what it wrote, as JSON and as a table', function (callable $write): void {
    expect(EventFile::read($write(wholeScene()), 'file'))->toEqual(wholeScene());
})->with([
    'json' => [
        fn (array $events): string => (string) json_encode(['events' => array_map(EventWriter::write(...), $events)]),
    ],
    'json with a byte-order mark' => [
        fn (array $events): string => "\u{FEFF}".
            json_encode(['events' => array_map(EventWriter::write(...), $events)]),
    ],
    'table' => [EventFile::table(...)],
    'a table of another spreadsheet' => [
        fn (array $events): string => "\u{FEFF}".
            str_replace(
                'at_ms,kind,to,value,primary,secondary,test,text',
                'AT_MS,Kind,to,value,primary,secondary,test,text',
                EventFile::table($events),
            ),
    ],
]);

it('reads a trace of pressures as readings', function (callable $write, int $events): void {
    $trace = (new AirSystem(new AirMakeup(), AirFaults::read('gauge-high'), 80))->run(
        [new BrakeEvent(0, EventKind::Key, 'on'), new BrakeEvent(0, EventKind::Engine, 'on')],
        60_000,
    );
    $read = EventFile::read($write($trace), 'trace');
    $last = array_values(
        array_filter($read, static fn (BrakeEvent $event): bool => $event->kind === EventKind::Reading),
    )[60];

    expect($read)->toHaveCount($events)
        ->and($last->atMs)->toBe(60_000)
        ->and($last->primary)->toEqualWithDelta($trace->at(60_000)->primaryGauge, 0.01)
        ->and($last->secondary)->toEqualWithDelta($trace->at(60_000)->secondary, 0.01);
})->with([
    'json' => [fn ($trace): string => (string) json_encode(TraceWriter::write($trace)), 61],
    'table' => [fn ($trace): string => Table::write(TraceWriter::COLUMNS, TraceWriter::rows($trace)), 61],
]);

it('times the build-up from a trace alone', function (): void {
    $trace = (new AirSystem(new AirMakeup(), new AirFaults(), 80))->run(
        [new BrakeEvent(0, EventKind::Engine, 'on'), new BrakeEvent(0, EventKind::Rpm, '', 900.0)],
        120_000,
    );
    $readings = EventFile::read(Table::write(TraceWriter::COLUMNS, TraceWriter::rows($trace)), 'trace');
    $judged = (new Judge(new Sequence([new StepChoice(BrakeTest::BuildUp)], 0), new BrakedVehicle()))->judge([
        new BrakeEvent(0, EventKind::Engine, 'on'),
        ...$readings,
    ]);

    expect($judged->steps[0]->outcome->value)
        ->toBe('met')
        ->and($judged->steps[0]->figures['seconds'])
        ->toBeGreaterThan(5.0);
});

it('names the line, what is wrong with it and the remedy', function (
    string $content,
    string $place,
    string $why,
): void {
    try {
        EventFile::read($content, 'brakes.csv');
        throw new LogicException('was read');
    } catch (DocumentHasFaults $found) {
        expect((string) $found->faults[0])->toContain($place)->toContain($why);
    }
})->with([
    'no kind' => ["at_ms,what\n1,key\n", 'line 1', 'has no column "kind"'],
    'unknown kind' => ["at_ms,kind,to\n1,key,on\n\n2,kye,off\n", 'line 4, kind', 'kye'],
    'runs backwards' => ["at_ms,kind,to\n9,key,on\n2,key,off\n", 'line 3, at_ms', 'before the event in front of it'],
    'a reading beyond any gauge' => [
        "at_ms;kind;primary;secondary\n9;reading;260;120\n",
        'line 2, primary',
        'a gauge shows 0 to 200',
    ],
    'a minute ended before it began' => ["at_ms,kind\n5,minute-ended\n", 'line 2, kind', 'was not started'],
    'a time that is none' => ["at_ms,kind,to\nsoon,key,on\n", 'line 2, at_ms', 'whole number'],
    'not text' => ["at_ms,kind\n\xff\xfe\x00,1\n", '', 'is not UTF-8'],
    'nothing' => ['', '', 'is neither JSON nor a table'],
    'something else' => ['To whom it may concern', '', 'is neither JSON nor a table'],
    'broken JSON' => ['{"events": [', '', ''],
    'a trace with a hole' => ['{"samples": [{"at_ms": 1, "primary": 3}]}', 'secondary', 'is missing'],
]);

it('reads JSON after blanks, and traces with and without a gauge of their own', function (
    string $content, array $expected,
): void {
    expect(array_map(EventWriter::write(...), EventFile::read($content, 'file')))->toBe($expected);
})->with([
    'JSON after blanks' => [
        " \n {\"events\": [{\"at_ms\": 1, \"kind\": \"key\", \"to\": \"on\"}]}",
        [['at_ms' => 1, 'kind' => 'key', 'to' => 'on']],
    ],
    'a trace as JSON, its own gauge first' => [
        '{"samples": [{"at_ms": 5, "primary": 90, "primary_gauge": 96, "secondary": 91},'.
            '{"at_ms": 6, "primary": 92, "secondary": 93}], "events": [{"at_ms": 5, "kind": "key", "to": "on"}]}',
        [
            ['at_ms' => 5, 'kind' => 'reading', 'primary' => 96.0, 'secondary' => 91.0],
            ['at_ms' => 5, 'kind' => 'key', 'to' => 'on'],
            ['at_ms' => 6, 'kind' => 'reading', 'primary' => 92.0, 'secondary' => 93.0],
        ],
    ],
    'a trace as a table' => [
        "at_ms,primary_gauge,primary,secondary\n5,96.5,90,91\n6,,92,93\n",
        [
            ['at_ms' => 5, 'kind' => 'reading', 'primary' => 96.5, 'secondary' => 91.0],
            ['at_ms' => 6, 'kind' => 'reading', 'primary' => 92.0, 'secondary' => 93.0],
        ],
    ],
]);

it('names the samples of a trace, and every line that is wrong', function (string $content, array $told): void {
    $read = static function () use ($content): array {
        try {
            return EventFile::read($content, 'brakes');
        } catch (DocumentHasFaults $found) {
            return [$found->getMessage(), ...array_map(strval(...), $found->faults)];
        }
    };

    expect(implode("\n", $read()))->toContain(...$told);
})->with([
    'a sample' => ['{"samples": [{"at_ms": 1, "primary": 3}]}', ['brakes, samples: ', 'events[0].secondary']],
    'two lines' => [
        "at_ms,kind,to\n1,kye,on\n2,key,off\n3,yek,on\n", ['brakes: ', 'line 2, kind', 'line 4, kind'],
    ],
]);

it('writes what its published schema says', function (): void {
    $schema = json_decode((string) file_get_contents(__DIR__.'/../../../../schemas/brakes.schema.json'));
    $trace = (new AirSystem(new AirMakeup(), new AirFaults(), 118))->run(
        [new BrakeEvent(0, EventKind::Key, 'on'), new BrakeEvent(0, EventKind::Engine, 'on')],
        30_000,
    );
    foreach (
        [['events' => array_map(EventWriter::write(...), wholeScene())], TraceWriter::write($trace)] as $document
    ) {
        $result = (new Validator())->validate(json_decode((string) json_encode($document)), $schema);
        expect($result->isValid())->toBeTrue((string) $result->error()?->message());
    }
    expect(
        (new Validator())->validate(json_decode('{"events": [{"at_ms": -1, "kind": "key"}]}'), $schema)->isValid(),
    )->toBeFalse();
});

it('takes controls for an hour at most', function (int $untilMs, bool $isTaken): void {
    $read = static fn (): AirScript => AirScript::read((string) json_encode(['until_ms' => $untilMs, 'events' => []]));

    $isTaken ? expect($read()->untilMs)->toBe($untilMs) : expect($read)->toThrow(DocumentHasFaults::class, 'until_ms');
})->with(['an hour' => [3_600_000, true], 'more' => [3_600_001, false]]);

it('takes so many letters of what was said', function (int $letters, bool $isTaken): void {
    $read = static fn (): array => EventFile::read(
        (string) json_encode(['events' => [['at_ms' => 0, 'kind' => 'spoken', 'text' => str_repeat('ä', $letters)]]]),
        'file',
    );

    $isTaken
        ? expect($read())->toHaveCount(1)
        : expect($read)->toThrow(DocumentHasFaults::class, 'is longer than 1000 letters');
})->with(['a thousand' => [1000, true], 'more' => [1001, false]]);
