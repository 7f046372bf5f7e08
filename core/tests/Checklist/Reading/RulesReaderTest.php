<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Checklist\Rules\BrakeSequence;
use Pasada\Core\Checklist\Rules\BrakeWeight;
use Pasada\Core\Checklist\Rules\CarryScope;
use Pasada\Core\Checklist\Rules\Direction;
use Pasada\Core\Checklist\Rules\NotFittedRule;
use Pasada\Core\Checklist\Rules\NoticedDefect;
use Pasada\Core\Checklist\Rules\OrderRule;
use Pasada\Core\Checklist\Rules\RecitedOver;
use Pasada\Core\Checklist\Rules\Rules;
use Pasada\Core\Checklist\Rules\SideRule;
use Pasada\Core\Checklist\Rules\TugSequence;
use Pasada\Core\Checklist\Rules\WrongRule;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Tests\Sample;

function rules(array $rules): Rules
{
    return (new ChecklistReader)->read((string) json_encode(Sample::ruled($rules)))->rules;
}

it('holds what is usual where the file says nothing', function (): void {
    $rules = rules([]);

    expect($rules->halfForPart)
        ->toBeFalse()
        ->and($rules->sides)
        ->toBe(SideRule::One)
        ->and($rules->carryOver->scopes)
        ->toBe([])
        ->and($rules->order->sectionsFixed)
        ->toBeTrue()
        ->and($rules->order->items)
        ->toBe(OrderRule::Fixed)
        ->and($rules->order->direction)
        ->toBe(Direction::Kept)
        ->and($rules->wrong)
        ->toBe(WrongRule::Point)
        ->and($rules->notFitted)
        ->toBe(NotFittedRule::ByVehicle)
        ->and($rules->recitedOver)
        ->toBe(RecitedOver::Full)
        ->and($rules->noticedDefect)
        ->toBe(NoticedDefect::Nothing)
        ->and($rules->brakes)
        ->toBeNull()
        ->and($rules->aidAllowed)
        ->toBeFalse()
        ->and($rules->timeAllowedSeconds)
        ->toBeNull()
        ->and($rules->overTimeFails)
        ->toBeFalse()
        ->and($rules->reasons)
        ->toBe([])
        ->and($rules->pass->outOfPlaceAllowed)
        ->toBeNull();
});

it('reads every rule that the file gives', function (): void {
    $rules = rules([
        'half_for_part' => true,
        'sides' => 'both',
        'carry_over' => ['scopes' => ['tandem', 'side'], 'from' => ['trailer' => ['drive']]],
        'order' => ['sections' => 'free', 'items' => 'grouped', 'direction' => 'outside-in'],
        'wrong' => 'item',
        'not_fitted' => 'spoken',
        'defects' => ['recited_over' => 'half', 'noticed' => 'bonus'],
        'brake_tests' => [
            'section' => 'cab',
            'sequence' => 'after-walk',
            'tug' => 'before-leak',
            'restarts' => 2,
            'weight' => 'critical',
        ],
        'aid' => 'unmarked-list',
        'time_allowed_seconds' => 60,
        'over_time' => 'fails',
        'reasons' => ['credit' => 'because'],
        'pass' => ['misses_allowed' => 0, 'out_of_place_allowed' => 0, 'note' => 'x'],
    ]);

    expect([
        $rules->halfForPart, $rules->sides, $rules->carryOver->scopes, $rules->order->sectionsFixed,
        $rules->order->items, $rules->order->direction,
    ])
        ->toBe([
            true, SideRule::Both, [CarryScope::Tandem, CarryScope::Side], false, OrderRule::Grouped,
            Direction::OutsideIn,
        ])
        ->and([
            $rules->wrong, $rules->notFitted, $rules->recitedOver, $rules->noticedDefect, $rules->aidAllowed,
            $rules->timeAllowedSeconds, $rules->overTimeFails, $rules->reasons,
        ])
        ->toBe([
            WrongRule::Item,
            NotFittedRule::Spoken,
            RecitedOver::Half,
            NoticedDefect::Bonus,
            true,
            60,
            true,
            ['credit' => 'because'],
        ])
        ->and([
            $rules->brakes?->section, $rules->brakes?->sequence, $rules->brakes?->tug, $rules->brakes?->restarts,
            $rules->brakes?->weight,
        ])
        ->toBe(['cab', BrakeSequence::AfterWalk, TugSequence::BeforeLeak, 2, BrakeWeight::Critical])
        ->and([
            $rules->pass->missesAllowed, $rules->pass->outOfPlaceAllowed, $rules->pass->overallPercent,
            $rules->pass->sectionPercent,
        ])
        ->toBe([0, 0, null, null]);
});

it('passes over no misspelt rule, however deep it stands', function (array $rules, string $path): void {
    $faults = [];
    try {
        rules($rules);
    } catch (DocumentHasFaults $caught) {
        $faults = array_map(static fn ($fault): string => $fault->path, $caught->faults);
    }

    expect($faults)->toContain($path);
})->with([
    'rules' => [['sidez' => 'one'], 'rules.sidez'],
    'defects' => [['defects' => ['seen' => 'whole']], 'rules.defects.seen'],
    'carry-over' => [['carry_over' => ['scope' => []]], 'rules.carry_over.scope'],
    'order' => [['order' => ['sectionz' => 'free']], 'rules.order.sectionz'],
    'brake tests' => [['brake_tests' => ['section' => 'cab', 'again' => 1]], 'rules.brake_tests.again'],
    'a brake test that is none' => [
        ['brake_tests' => ['section' => 'cab', 'steps' => [['test' => 'horn']]]],
        'rules.brake_tests.steps[0].test',
    ],
    'a state that is none' => [
        ['brake_tests' => ['section' => 'cab', 'steps' => [['test' => 'cut-out', 'needs' => ['shoes-on']]]]],
        'rules.brake_tests.steps[0].needs[0]',
    ],
    'a drop neither counted nor left out' => [
        ['brake_tests' => ['section' => 'cab', 'steps' => [['test' => 'leak-applied', 'first_drop' => 'half']]]],
        'rules.brake_tests.steps[0].first_drop',
    ],
    'pass' => [['pass' => ['overall_percent' => 80, 'note' => 'x', 'percent' => 1]], 'rules.pass.percent'],
    'a time too short' => [['time_allowed_seconds' => 59], 'rules.time_allowed_seconds'],
    'a time too long' => [['time_allowed_seconds' => 14_401], 'rules.time_allowed_seconds'],
    'a percentage of none' => [['pass' => ['overall_percent' => 0, 'note' => 'x']], 'rules.pass.overall_percent'],
    'a percentage above all' => [['pass' => ['section_percent' => 101, 'note' => 'x']], 'rules.pass.section_percent'],
    'an unknown critical section' => [
        ['pass' => ['overall_percent' => 80, 'critical_sections' => ['yard'], 'note' => 'x']],
        'rules.pass.critical_sections[0]',
    ],
    'an unknown critical component' => [
        ['pass' => ['overall_percent' => 80, 'critical_components' => ['a.b'], 'note' => 'x']],
        'rules.pass.critical_components[0]',
    ],
    'half that is no flag' => [['half_for_part' => 'yes'], 'rules.half_for_part'],
]);

it('takes the longest walk and the largest share', function (): void {
    $rules = rules([
        'time_allowed_seconds' => 14_400,
        'pass' => ['overall_percent' => 100, 'section_percent' => 1, 'misses_allowed' => 1000, 'note' => 'x'],
    ]);

    expect([
        $rules->timeAllowedSeconds, $rules->pass->overallPercent, $rules->pass->sectionPercent,
        $rules->pass->missesAllowed,
    ])->toBe([14_400, 100, 1, 1000]);
});

it('reads what a checklist sets of a brake test, and leaves the rest as usual', function (): void {
    $steps =
        rules([
            'brake_tests' => [
                'section' => 'cab',
                'steps' => [
                    [
                        'test' => 'leak-applied',
                        'high' => 2.5,
                        'from_psi' => 100,
                        'slack_seconds' => 2,
                        'first_drop' => 'counted',
                        'needs' => ['engine-off', 'belt-on'],
                        'say' => ['limit'],
                    ],
                    ['test' => 'low-air'],
                ],
            ],
        ])->brakes?->steps ?? [];
    [$leak, $warning] = array_map((new BrakedVehicle())->rule(...), $steps);

    expect([
        $leak->limits->low, $leak->limits->high, $leak->fromPsi, $leak->slackSeconds, $leak->countsFirstDrop,
        $leak->needs, $leak->say,
    ])
        ->toBe([null, 2.5, 100.0, 2.0, true, [StateNeed::EngineOff, StateNeed::BeltOn], [Spoken::Limit]])
        ->and([$warning->limits->low, $warning->needs, $warning->say, $warning->countsFirstDrop])
        ->toBe([55.0, [StateNeed::KeyOn], [], false]);
});
