<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\Role;
use Illuminate\Testing\TestResponse;
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
