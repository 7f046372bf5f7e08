<?php

declare(strict_types=1);

use App\Library\RecordDigest;
use App\Models\Attempt;
use App\Models\Role;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Pasada\Core\Scoring\ItemStatus;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->actingAs($this->yard->scorer);
    $this->attempt = $this->yard->attempt();
    $this->yard->finish($this->attempt);
    // Points of a page, as the file gives them.
    $this->size = static fn (TestResponse $answer): string => preg_match(
        '~/MediaBox \\[0\\.000 0\\.000 ([\\d.]+ [\\d.]+)\\]~', (string) $answer->getContent(), $found,
    ) === 1 ? $found[1] : '';
});

it('prints sheets, records, registers and unmarked lists, on either paper', function (string $path): void {
    $path = strtr($path, [
        '{attempt}' => $this->attempt->id, '{student}' => (string) $this->yard->student->id,
        '{class}' => (string) $this->yard->student->class_id, '{checklist}' => (string) $this->yard->checklist->id,
        '{vehicle}' => (string) $this->yard->vehicle->id,
    ]);
    foreach (['letter' => '612.000 792.000', 'a4' => '595.280 841.890'] as $size => $points) {
        $answer = $this->get($path.(str_contains($path, '?') ? '&' : '?')."size=$size")->assertOk()
            ->assertHeader('Content-Type', 'application/pdf');
        expect((string) $answer->getContent())->toStartWith('%PDF-')
            ->and(($this->size)($answer))->toBe($points);
    }
    $this->getJson($path.(str_contains($path, '?') ? '&' : '?').'size=napkin')->assertUnprocessable();
})->with([
    '/api/v1/attempts/{attempt}/paper', '/api/v1/students/{student}/paper', '/api/v1/classes/{class}/paper',
    '/api/v1/paper/checklist?checklist_id={checklist}&vehicle_id={vehicle}',
]);

it('keeps in the trail who took a record out on paper', function (): void {
    $this->get("/api/v1/attempts/{$this->attempt->id}/paper")->assertOk();
    $this->actingAs($this->yard->person(Role::Manager));
    expect($this->getJson('/api/v1/trail?words=downloaded')->json('lines.0.record'))->toBe($this->attempt->id);
});

it('prints for a student the own records and no others', function (): void {
    $account = $this->yard->person(Role::Student);
    $this->actingAs($account);
    $this->get("/api/v1/attempts/{$this->attempt->id}/paper")->assertNotFound();
    $this->get('/api/v1/classes/'.$this->yard->student->class_id.'/paper')->assertForbidden();
    $this->yard->student->update(['user_id' => $account->id]);
    Attempt::query()->findOrFail($this->attempt->id)->unsetRelations();
    $this->get("/api/v1/attempts/{$this->attempt->id}/paper")->assertOk();
});

it('tells whether a printed sheet says what the record says, now or as it was signed', function (): void {
    $digest = app(RecordDigest::class)->of($this->attempt);
    $check = fn (string $printed): TestResponse => $this->getJson(
        "/api/v1/attempts/{$this->attempt->id}/check?digest=$printed",
    );
    $check(substr($digest, 0, 16))->assertOk()->assertJsonPath('is_now', true)->assertJsonPath('signed', []);
    $this->postJson("/api/v1/attempts/{$this->attempt->id}/signatures", [
        'id' => (string) Str::uuid7(), 'party' => 'scorer', 'name' => 'Rosa Kettering', 'strokes' => [[1, 2, 3, 4]],
    ])->assertCreated();
    $this->attempt->update(['student_id' => $this->yard->student('Odell Marrowby')->id]);
    $check($digest)->assertOk()->assertJsonPath('is_now', false)->assertJsonCount(1, 'signed');
    $check(str_repeat('0', 16))->assertOk()->assertJsonPath('is_now', false)->assertJsonPath('signed', []);
    $check('short')->assertUnprocessable();
});

it('calls what became of an item on paper as the screen does', function (ItemStatus $status): void {
    $screen = (string) file_get_contents(resource_path('js/shared/glyphs/states.ts'));

    expect(preg_match("/\\b{$status->value}: \\{\\s*word: '([^']+)'/", $screen, $found))->toBe(1)
        ->and($found[1])->toBe($status->said());
})->with(ItemStatus::cases());
