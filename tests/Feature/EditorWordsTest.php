<?php

declare(strict_types=1);

use App\Models\Role;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\StepSetting;
use Tests\Support\Yard;

/** @return array<string, mixed> what the editor is told, as an instructor reads it */
function editorWords(): array
{
    $words = test()->actingAs((new Yard)->scorer)->getJson('/api/v1/library/words')->assertOk()->json();
    assert(is_array($words));

    return $words;
}

/** @return list<string> the values that the open format has for a field of a step of the brake tests */
function formatHas(string $field): array
{
    $schema = json_decode((string) file_get_contents(base_path('schemas/checklist.schema.json')), true);
    $of = data_get($schema, "properties.rules.properties.brake_tests.properties.steps.items.properties.$field");
    $values = data_get($of, 'enum') ?? data_get($of, 'items.enum');
    assert(is_array($values));
    sort($values);

    return array_values(array_filter($values, is_string(...)));
}

it('has a word for every value of the open format, and for nothing else', function (
    string $words,
    string $field,
): void {
    $values = array_column((array) editorWords()[$words], 'value');
    sort($values);

    expect($values)
        ->toBe(formatHas($field))
        ->and(array_column((array) editorWords()[$words], 'label'))
        ->not->toContain('');
})->with([['tests', 'test'], ['states', 'needs'], ['said', 'say']]);

it('offers for each brake test the figures that it can have, each once', function (): void {
    foreach ((array) editorWords()['tests'] as $test) {
        assert(is_array($test) && is_string($test['value']));
        $keys = array_column((array) $test['figures'], 'key');

        expect(array_unique($keys))
            ->toBe($keys)
            ->and(array_map(StepSetting::from(...), $keys))
            ->toHaveCount(count($keys))
            ->and(in_array('from_psi', $keys, true))
            ->toBe(str_starts_with($test['value'], 'leak'))
            ->and($keys === [])
            ->toBe(
                str_starts_with($test['value'], 'tug') ||
                    in_array($test['value'], [BrakeTest::Service->value, BrakeTest::ParkBrake->value], true),
            );
    }
});

it('keeps the editor from students', function (): void {
    $this->actingAs((new Yard)->person(Role::Student))->getJson('/api/v1/library/words')->assertForbidden();
});
