<?php

declare(strict_types=1);

use App\Export\PersonArchive;
use App\Models\Attempt;
use App\Models\Rehearsal;
use App\Models\Role;
use App\Models\Sound\SoundState;
use App\Models\Sound\Utterance;
use App\Models\Student;
use App\Retention\Erasure;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Pasada\Core\Speech\HeardPiece;
use Pasada\Core\Speech\HeardWord;
use Pasada\Core\Speech\Recognizer;
use Tests\Support\Yard;

// A student alone: picks a part of the vehicle, says it, hears what is missing.

beforeEach(function (): void {
    Storage::fake('local');
    $this->yard = new Yard;
    $this->yard->checklist->update([
        'document' => (string) file_get_contents(base_path('checklists/whole-walk-round.json')),
    ]);
    $this->yard->vehicle->update([
        'document' => (string) file_get_contents(base_path('vehicles/dock-tractor-chassis.json')),
    ]);
    $this->account = $this->yard->person(Role::Student, 'Mira Tallgrass');
    Student::query()->whereKey($this->yard->student->id)->update(['user_id' => $this->account->id]);
    $this->id = (string) Str::uuid7();
    $this->path = "/api/v1/students/{$this->yard->student->id}/rehearsals";
    $this->body = fn (string $scope, string ...$said): array => [
        'checklist_id' => $this->yard->checklist->id, 'vehicle_id' => $this->yard->vehicle->id, 'scope' => $scope,
        'pieces' => array_map(
            static fn (int $n): array => ['from_ms' => 4000 * $n, 'text' => $said[$n]], array_keys($said),
        ),
    ];
    $this->say = fn (string $scope, string ...$said) => $this->putJson("$this->path/$this->id", ($this->body)(
        $scope, ...$said,
    ));
    $this->actingAs($this->account);
});

it('is heard as it grows, within the part that was chosen, and tells what is missing with its words', function (
    string $scope, string $label, string $said, string $item, string $other,
): void {
    $first = ($this->say)($scope)->assertOk()->assertJsonPath('rehearsal.label', $label)->json();
    $told = ($this->say)($scope, $said)->assertOk()->json();
    $status = array_column($told['sheet']['outcomes'], 'status', 'item');

    expect($status)->toHaveKey($item)->not->toHaveKey($other)
        ->and($status[$item])->not->toBe('not_reached')
        ->and(array_column($first['unsaid'], 'item'))->toContain($item)
        ->and($told['rehearsal']['asked'])->toBe(count($status));
    foreach ($told['unsaid'] as $one) {
        expect($one['say'])->not->toBe('')->and($one['named'])->toBe($status[$one['item']] !== 'not_reached');
    }
})->with([
    'a place' => [
        'place:seat', 'Seat and start', 'my seat belt is not frayed', 'cab.seat_belt', 'engine.radiator',
    ],
    'a section' => [
        'section:engine', 'Engine bay', 'the radiator is securely mounted and not leaking', 'engine.radiator',
        'cab.seat_belt',
    ],
    'an axle: of several like it, the one that is stood at' => [
        'axle:steer', 'Steer axle', 'the rim is not bent and has no welds', 'wheel.rim@steer', 'wheel.rim@drive-1',
    ],
]);

it('keeps what was rehearsed apart from walks, for the student and for who teaches', function (): void {
    ($this->say)('whole', 'my seat belt is securely mounted, it is not cut or frayed, and it latches')->assertOk();
    // One in which nothing was said is none.
    $this->id = (string) Str::uuid7();
    ($this->say)('whole')->assertOk();

    $this->getJson($this->path)->assertOk()->assertJsonCount(1)
        ->assertJsonPath('0.label', 'The whole vehicle');
    $this->actingAs($this->yard->scorer)->getJson($this->path)->assertOk()->assertJsonCount(1);
    expect(Attempt::query()->count())->toBe(0);
});

it('is kept once however often it is sent, and loses nothing to a page that was slow', function (): void {
    ($this->say)('whole', 'seat belt', 'not frayed')->assertOk();
    ($this->say)('whole', 'seat belt', 'not frayed')->assertOk();
    ($this->say)('whole', 'seat belt')->assertOk();

    expect(Rehearsal::query()->sole()->pieces)->toBe(2)
        ->and(Rehearsal::query()->sole()->words)->toHaveCount(2);
    ($this->say)('axle:steer', 'seat belt')->assertConflict()->assertJsonPath('type', '/problems/id-taken');
});

it('is refused with its place and the remedy', function (array $with, string $path): void {
    $this->putJson("$this->path/$this->id", [...($this->body)('whole', 'seat belt'), ...$with])->assertUnprocessable()
        ->assertJsonPath('errors.0.path', $path);
    expect(Rehearsal::query()->count())->toBe(0);
})->with([
    'nothing of this vehicle' => [['scope' => 'axle:moon'], 'scope'], 'no scope' => [['scope' => ''], 'scope'],
    'a scope that is none' => [['scope' => 'all of it'], 'scope'],
    'words that are none' => [['pieces' => [['text' => 'rim']]], 'pieces[0].from_ms'],
    'pieces that are none' => [['pieces' => 'rim'], 'pieces'],
]);

it('is nobody else\'s', function (): void {
    ($this->say)('whole', 'seat belt')->assertOk();
    $this->actingAs($this->yard->person(Role::Student, 'Odell Marrowby'));
    $this->getJson($this->path)->assertNotFound();
    ($this->say)('whole', 'radiator')->assertNotFound();
    $this->actingAs((new Yard)->scorer);
    $this->getJson($this->path)->assertNotFound();
});

describe('what is said into a microphone', function (): void {
    beforeEach(function (): void {
        $this->yard->school->update(['keeps_sound' => true]);
        $this->agree = fn (bool $agrees = true) => Student::query()->whereKey($this->yard->student->id)->update([
            'sound_agreed_at' => $agrees ? Carbon::now() : null,
        ]);
        $this->app->bind(Recognizer::class, static fn (): Recognizer => new class implements Recognizer
        {
            public function recognize(string $file, string $language): array
            {
                return [new HeardPiece([new HeardWord('seat', 0, 300, 1.0), new HeardWord('belt', 300, 600, 1.0)])];
            }
        });
        $this->utter = fn (string $sound = "\1\2\3\4", ?string $id = null) => $this->call(
            'PUT', "$this->path/$this->id/utterances/".($id ?? $this->id).'?from_ms=500&recorder='.$this->id,
            server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/octet-stream'],
            content: $sound,
        );
    });

    it('is heard at once, and only its words are kept', function (): void {
        ($this->agree)();
        ($this->say)('whole')->assertOk()->assertJsonPath('may_record', true);
        ($this->utter)()->assertNoContent();
        ($this->utter)()->assertNoContent();

        $this->getJson("$this->path/$this->id/utterances?after_ms=-1")->assertOk()->assertJsonCount(1)
            ->assertJsonPath('0.state', SoundState::Heard->value)
            ->assertJsonPath('0.pieces.0.from_ms', 500);
        $this->getJson("$this->path/$this->id/utterances?after_ms=500")->assertJsonCount(0);
        expect(Storage::disk('local')->allFiles())->toBe([]);
        ($this->utter)("\5\6")->assertConflict();
    });

    it('is taken of nobody who did not agree, and into no rehearsal that was not begun', function (): void {
        ($this->say)('whole')->assertOk()->assertJsonPath('may_record', false);
        ($this->utter)()->assertForbidden();
        ($this->agree)();
        Rehearsal::query()->delete();
        ($this->utter)()->assertNotFound();
        expect(Utterance::query()->count())->toBe(0);
    });

    it('goes when the consent is taken back, and all of it with the person', function (): void {
        ($this->agree)();
        ($this->say)('whole', 'my seat belt is not frayed')->assertOk();
        ($this->utter)()->assertNoContent();
        $this->actingAs($this->yard->person(Role::Manager));
        $this->putJson("/api/v1/students/{$this->yard->student->id}/sound", ['agrees' => false])->assertOk();
        expect(Utterance::query()->count())->toBe(0)->and(Rehearsal::query()->count())->toBe(1);

        $student = $this->yard->student->refresh();
        $told = app(Erasure::class)->told($student, Carbon::now());
        app(Erasure::class)->handle($student, $this->yard->scorer, Carbon::now());
        expect($told->practices)->toBe(1)->and(Rehearsal::query()->count())->toBe(0);
    });
});

it('stands in the archive of the person', function (): void {
    ($this->say)('place:seat', 'my seat belt is not frayed')->assertOk();
    $file = app(PersonArchive::class)->of($this->yard->student->refresh(), Carbon::now());
    $zip = new ZipArchive;
    $zip->open($file);
    $person = '';
    for ($n = 0; $n < $zip->numFiles; $n++) {
        $person .= str_ends_with((string) $zip->getNameIndex($n), '.json') ? $zip->getFromIndex($n) : '';
    }
    expect($person)->toContain('my seat belt is not frayed')->toContain('Seat and start');
});

it('tells what may be rehearsed, and which students may be recorded without a network', function (): void {
    $scopes = $this->getJson("/api/v1/students/{$this->yard->student->id}/readiness?".http_build_query([
        'checklist_id' => $this->yard->checklist->id, 'vehicle_id' => $this->yard->vehicle->id,
    ]))->assertOk()->json('scopes');
    expect($scopes[0])->toMatchArray(['scope' => 'whole', 'name' => 'The whole vehicle'])
        ->and(array_column($scopes, 'scope'))->toContain('axle:steer')->toContain('place:seat');

    $recorded = fn (): array => $this->getJson('/api/v1/choices')->assertOk()->json('recorded');
    $this->actingAs($this->yard->scorer);
    expect($recorded())->toBe([]);
    $this->yard->school->update(['keeps_sound' => true]);
    expect($recorded())->toBe([]);
    $this->yard->student->refresh()->update(['sound_agreed_at' => Carbon::now()]);
    expect($recorded())->toBe([$this->yard->student->id]);
});

it('speaks the words to say of one place or item, and no whole vehicle at once', function (): void {
    $model = fn (string $scope): mixed => $this->getJson(
        "/api/v1/students/{$this->yard->student->id}/model?".http_build_query(
            array_diff_key(($this->body)($scope), ['pieces' => 1]),
        ),
    );
    $place = $model('place:seat')->assertOk()->assertHeader('Content-Type', 'audio/wav')->getContent();
    $item = $model('item:cab.seat_belt')->assertOk()->getContent();

    expect(substr((string) $item, 0, 4))->toBe('RIFF')->and(strlen((string) $item))->toBeGreaterThan(20_000)
        ->and(strlen((string) $place))->toBeGreaterThan(strlen((string) $item));
    $model('whole')->assertStatus(422)->assertSee('one place or one item');
    $model('item:engine.flux')->assertStatus(422);
});
