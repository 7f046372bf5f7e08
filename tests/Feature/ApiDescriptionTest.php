<?php

declare(strict_types=1);

use App\Actions\Walk\RecordMarks;
use Illuminate\Routing\Route;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

/** @return array<string, mixed> */
function description(): array
{
    $read = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true);
    assert(is_array($read));

    return $read;
}

it('is generated from the code as it stands', function (): void {
    $this->artisan('pasada:openapi', ['--check' => true])->assertSuccessful();
});

it('describes every route, and no route that is not there', function (): void {
    $described = [];
    foreach (description()['paths'] as $path => $methods) {
        foreach (array_keys($methods) as $method) {
            $described[] = strtoupper($method).' api/v1'.$path;
        }
    }
    // What load balancers and operators ask stands in docs/operations.md.
    $there = collect(app('router')->getRoutes()->getRoutes())
        ->filter(static fn (Route $route): bool => str_starts_with($route->uri(), 'api/'))
        ->map(static fn (Route $route): string => $route->methods()[0].' '.$route->uri())->sort()->values()->all();

    expect($described)->toEqualCanonicalizing($there);
});

it('answers as described', function (string $schema, string $path): void {
    $yard = new Yard;
    $attempt = $yard->attempt();
    app(RecordMarks::class)->handle($yard->attempt(startedAt: '2026-11-01 10:00'), $yard->scorer, $attempt->id, [
        'marks' => array_map(MarkWriter::write(...), [Sample::whole(1, 'cab.seat_belt'), Sample::finish(2)]),
    ]);
    app(RecordMarks::class)->handle($attempt, $yard->scorer, $attempt->id, [
        'marks' => array_map(MarkWriter::write(...), [
            Sample::enter(1, 'cab'),
            Sample::points(2, 'engine.alternator', Point::Mounted),
            Sample::finish(3),
        ]),
    ]);
    $path = strtr($path, [
        '{attempt}' => $attempt->id,
        '{student}' => (string) $yard->student->id,
        '{vehicle}' => (string) $yard->vehicle->id,
        '{checklist}' => (string) $yard->checklist->id,
    ]);
    $answer = $this->actingAs($yard->scorer)->getJson($path)->assertOk();

    $root = [
        '$schema' => 'https://json-schema.org/draft/2020-12/schema',
        '$id' => 'https://pasada.example/api',
        'components' => description()['components'],
        '$ref' => '#/components/schemas/'.$schema,
    ];
    $result = (new Validator())->validate(
        json_decode((string) $answer->getContent()),
        json_decode((string) json_encode($root)),
    );
    $error = $result->error();

    expect($result->isValid())->toBeTrue(
        $error === null ? '' : (string) json_encode((new ErrorFormatter())->format($error)),
    );
})->with([
    ['UserResource', '/api/v1/session'],
    ['TodayResource', '/api/v1/today'],
    ['ChoicesResource', '/api/v1/choices'],
    ['PreparedResource', '/api/v1/prepared?vehicle_id={vehicle}&checklist_id={checklist}'],
    ['AttemptResource', '/api/v1/attempts/{attempt}'],
    ['ResultResource', '/api/v1/attempts/{attempt}/result'],
    ['StudentRecordResource', '/api/v1/students/{student}'],
]);
