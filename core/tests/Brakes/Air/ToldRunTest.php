<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Judging\Judgment;
use Pasada\Core\Brakes\Judging\JudgmentWriter;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Tests\Brakes\Student;

/** Every brake test there is, done right by a student on a combination with such faults. */
function toldRun(string $faults): Judgment
{
    $steps = array_map(static fn (BrakeTest $test): StepChoice => new StepChoice($test), BrakeTest::cases());

    return Student::judged(new Sequence($steps, 1), new BrakedVehicle, $faults);
}

/** @return array<string, string> what is told of each step, with its figures and whether the vehicle is at fault */
function toldSteps(Judgment $judgment): array
{
    $told = [];
    foreach (JudgmentWriter::write($judgment)['steps'] as $step) {
        $told[$step['test']] =
            "{$step['outcome']}, {$step['what']} ".json_encode($step['figures']).
            ($step['of_vehicle'] ? ' vehicle' : '');
    }

    return $told;
}

it('tells of a sound truck what was read in every test', function (): void {
    $judgment = toldRun('');

    expect($judgment->standing)->toBe(Standing::Passed)
        ->and(toldSteps($judgment))
        ->toBe([
            'cut-out' => 'met, cut out at 125.2 psi, between 120 and 140 asked {"psi":125.2}',
            'cut-in' => 'met, cut in 23.7 psi below cut-out, between 20 and 25 asked {"psi":23.7}',
            'build-up' => 'met, 85 to 100 psi in 22.4 s, within 45 asked {"seconds":22.4,"allowed_seconds":45}',
            'leak-applied' => 'met, lost 0 psi in 60 s, 4 allowed for a combination '.
                '{"lost_psi":0,"seconds":60,"allowed_psi":4}',
            'leak-released' => 'met, lost 0 psi in 60 s, 3 allowed for a combination '.
                '{"lost_psi":0,"seconds":60,"allowed_psi":3}',
            'low-air' => 'met, the warning came at 66 psi, at or above 55 asked {"psi":66,"least_psi":55}',
            'spring-pop' => 'met, came out at 38 psi (trailer) and 30 psi (tractor) '.
                '{"trailer_psi":38,"tractor_psi":30}',
            'tug-tractor' => 'met, it did not move {}',
            'tug-trailer' => 'met, it did not move {}',
            'tug-hand' => 'met, it did not move {}',
            'service' => 'met, stopped straight {}',
        ]);
});

// The first figures are those of a sound truck; here stands what a fault changes of them, be it judged or not.
it('tells of a fault what it changes in every test', function (
    string $faults, Standing $procedure, array $changed,
): void {
    static $sound;
    $sound ??= toldSteps(toldRun(''));
    $judgment = toldRun($faults);

    expect(array_diff_assoc(toldSteps($judgment), $sound))->toBe($changed)
        ->and($judgment->procedure())
        ->toBe($procedure);
})->with([
    'leak:primary:8' => [
        'leak:primary:8', Standing::Passed,
        [
            'cut-in' => 'met, cut in 20.4 psi below cut-out, between 20 and 25 asked {"psi":20.4}',
            'build-up' => 'met, 85 to 100 psi in 23.9 s, within 45 asked {"seconds":23.9,"allowed_seconds":45}',
            'leak-applied' => 'broken, lost 5.6 psi in 60 s, 4 allowed for a combination '.
                '{"lost_psi":5.6,"seconds":60,"allowed_psi":4} vehicle',
            'leak-released' => 'broken, lost 5.6 psi in 60 s, 3 allowed for a combination '.
                '{"lost_psi":5.6,"seconds":60,"allowed_psi":3} vehicle',
        ],
    ],
    'leak:trailer:9' => [
        'leak:trailer:9', Standing::Passed,
        [
            'cut-in' => 'met, cut in 20.4 psi below cut-out, between 20 and 25 asked {"psi":20.4}',
            'build-up' => 'met, 85 to 100 psi in 24 s, within 45 asked {"seconds":24,"allowed_seconds":45}',
            'leak-applied' => 'met, lost 2.7 psi in 60 s, 4 allowed for a combination '.
                '{"lost_psi":2.7,"seconds":60,"allowed_psi":4}',
            'leak-released' => 'met, lost 2.8 psi in 60 s, 3 allowed for a combination '.
                '{"lost_psi":2.8,"seconds":60,"allowed_psi":3}',
        ],
    ],
    'leak:applied:20' => [
        'leak:applied:20', Standing::Passed,
        [
            'cut-in' => 'met, cut in 23.5 psi below cut-out, between 20 and 25 asked {"psi":23.5}',
            'leak-applied' => 'broken, lost 14 psi in 60 s, 4 allowed for a combination '.
                '{"lost_psi":14,"seconds":60,"allowed_psi":4} vehicle',
        ],
    ],
    'governor-low' => [
        'governor-low', Standing::Passed,
        [
            'cut-out' => 'broken, cut out at 105.2 psi, between 120 and 140 asked {"psi":105.2} vehicle',
            'cut-in' => 'broken, cut in at 84.3 psi, not under 100 asked {"psi":84.3} vehicle',
        ],
    ],
    'governor-high' => [
        'governor-high', Standing::Passed,
        [
            'cut-out' => 'broken, cut out at 150.2 psi, between 120 and 140 asked {"psi":150.2} vehicle',
            'cut-in' => 'met, cut in 22.9 psi below cut-out, between 20 and 25 asked {"psi":22.9}',
            'build-up' => 'met, 85 to 100 psi in 22.5 s, within 45 asked {"seconds":22.5,"allowed_seconds":45}',
        ],
    ],
    'governor-stuck' => [
        'governor-stuck', Standing::Failed,
        [
            'cut-in' => 'broken, did not cut in down to 85 psi, not under 100 asked {"psi":85} vehicle',
            'build-up' => 'not-done, not done before the leak test, brakes applied {}',
            'low-air' => 'broken, no warning down to 51.7 psi, at or above 55 asked '.
                '{"psi":51.7,"least_psi":55} vehicle',
            'tug-tractor' => 'broken, tugged with both valves out: which brake held cannot be told {}',
            'tug-trailer' => 'broken, tugged with both valves out: which brake held cannot be told {}',
            'tug-hand' => 'broken, tugged with both valves out: which brake held cannot be told {}',
            'service' => 'broken, the tractor valve was never released {}',
        ],
    ],
    'no-warning' => [
        'no-warning', Standing::Passed,
        [
            'low-air' => 'broken, no warning down to 54.6 psi, at or above 55 asked '.
                '{"psi":54.6,"least_psi":55} vehicle',
        ],
    ],
    'valve-early' => [
        'valve-early', Standing::Passed,
        [
            'spring-pop' => 'broken, the trailer valve came out at 53 psi, between 20 and 45 asked '.
                '{"trailer_psi":53} vehicle',
        ],
    ],
    'valve-late' => [
        'valve-late', Standing::Passed,
        [
            'spring-pop' => 'broken, the tractor valve came out at 14 psi, between 20 and 45 asked '.
                '{"trailer_psi":22,"tractor_psi":14} vehicle',
        ],
    ],
    'valve-stuck' => [
        'valve-stuck', Standing::Passed,
        [
            'spring-pop' => 'broken, no valve came out down to 18.2 psi, between 20 and 45 asked '.
                '{"psi":18.2} vehicle',
        ],
    ],
    'compressor-weak' => [
        'compressor-weak', Standing::Passed,
        [
            'cut-out' => 'met, cut out at 126.1 psi, between 120 and 140 asked {"psi":126.1}',
            'cut-in' => 'met, cut in 24.5 psi below cut-out, between 20 and 25 asked {"psi":24.5}',
            'build-up' => 'broken, 85 to 100 psi in 74.5 s, within 45 asked '.
                '{"seconds":74.5,"allowed_seconds":45} vehicle',
        ],
    ],
    'tractor-brake-slips' => [
        'tractor-brake-slips', Standing::Passed,
        [
            'tug-tractor' => 'broken, the vehicle moved: this brake does not hold {} vehicle',
        ],
    ],
    'service-pulls' => [
        'service-pulls', Standing::Passed,
        [
            'service' => 'broken, pulled to a side: brakes, suspension, tire, ground or load {} vehicle',
        ],
    ],
    'gauge-high' => [
        'gauge-high', Standing::Passed,
        [
            'cut-out' => 'met, cut out at 125.3 psi, between 120 and 140 asked {"psi":125.3}',
            'cut-in' => 'met, cut in 23 psi below cut-out, between 20 and 25 asked {"psi":23}',
            'low-air' => 'met, the warning came at 66.4 psi, at or above 55 asked {"psi":66.4,"least_psi":55}',
            'spring-pop' => 'met, came out at 43.7 psi (trailer) and 35.4 psi (tractor) '.
                '{"trailer_psi":43.7,"tractor_psi":35.4}',
        ],
    ],
]);
