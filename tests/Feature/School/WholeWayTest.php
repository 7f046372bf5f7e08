<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\Role;
use Illuminate\Support\Str;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

it('takes a walk over, amends it, has it signed again, and brings it whole into a second school', function (): void {
    $yard = new Yard;
    $manager = $yard->person(Role::Manager, 'Paul Averdale');
    $ilse = $yard->person(Role::Examiner, 'Ilse Brandvik');
    $attempt = $yard->attempt();
    $path = "/api/v1/attempts/$attempt->id";
    $mark = static fn (Mark $one): array => MarkWriter::write($one);
    $sign = fn (string $party): array => [
        'id' => (string) Str::uuid7(), 'party' => $party, 'name' => 'Signed by hand', 'strokes' => [[1, 2, 30, 40]],
    ];

    // Rosa leaves in the middle; the manager gives the walk to Ilse, who ends it.
    $this->actingAs($yard->scorer)->postJson("$path/marks", [
        'recorder' => (string) Str::uuid7(), 'marks' => [$mark(Sample::whole(1, 'cab.seat_belt'))],
    ])->assertOk();
    $this->actingAs($manager)->postJson("$path/right", ['scorer_id' => $ilse->id, 'keep' => true])->assertOk();
    $this->actingAs($ilse)->postJson("$path/marks", [
        'recorder' => (string) Str::uuid7(), 'marks' => [$mark(Mark::finished((string) Str::uuid7(), 3_600_000))],
    ])->assertOk();
    foreach (['scorer', 'student'] as $party) {
        $this->postJson("$path/signatures", $sign($party))->assertCreated();
    }

    // Amended: what was signed before stands no more, and is signed again.
    $this->postJson("$path/amendments", [
        'id' => (string) Str::uuid7(), 'reason' => 'Heard, but not marked',
        'marks' => [[
            'id' => (string) Str::uuid7(), 'at_ms' => 9000, 'kind' => 'heard_whole', 'item' => 'cab.horn_air',
        ]],
    ])->assertOk();
    $this->getJson("$path/result")->assertJsonPath('signatures.0.stands', false);
    $this->postJson("$path/signatures", $sign('scorer'))->assertCreated();
    $this->postJson("$path/signatures", $sign('student'))->assertCreated();
    $this->getJson("$path/result")->assertJsonPath('signatures.3.stands', true);

    // Out here, in there, and out again: the same but for what only this school can know.
    $out = fn (): array => json_decode(
        $this->get('/api/v1/export?format=json')->assertOk()->streamedContent(), true,
    )['records'][0];
    $this->actingAs($manager);
    $here = $out();
    $other = new Yard;
    $this->actingAs($other->person(Role::Manager))->postJson('/api/v1/records', [
        'student_id' => $other->student->id, 'record' => $here,
    ])->assertCreated()->assertJsonPath('status', 'finished');
    $there = $out();
    $same = static function (array $record): array {
        unset($record['amendments'][0]['id'], $record['amendments'][0]['marks'][0]['id']);
        $record['signatures'] = array_map(
            static fn (array $one): array => array_diff_key($one, ['digest' => true]), $record['signatures'],
        );

        return $record;
    };
    expect($same($there))->toBe($same($here))
        ->and($here['amendments'])->toHaveCount(1)->and($here['signatures'])->toHaveCount(4)
        ->and(array_column($here['signatures'], 'means'))->toBe(['session', 'glass', 'session', 'glass']);
    $taken = Attempt::query()->where('source_id', $attempt->id)->firstOrFail();
    $this->getJson("/api/v1/attempts/$taken->id/result")->assertJsonPath('imported.scorer', 'Ilse Brandvik')
        ->assertJsonPath('imported.school', 'Ferrow Sound Harbor College');
});
