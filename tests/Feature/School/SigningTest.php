<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Tests\Support\Yard;

// By what each party signs: the own session, a code of the own account, the glass of whoever scores.

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->mira = $this->yard->person(Role::Student, 'Mira Tallgrass');
    $this->yard->student->update(['user_id' => $this->mira->id]);
    $this->attempt = $this->yard->attempt();
    $this->yard->finish($this->attempt);
    $this->path = "/api/v1/attempts/{$this->attempt->id}/signatures";
    $this->signed = fn (string $party, array $more = []): array => [
        'id' => (string) Str::uuid7(), 'party' => $party, 'name' => 'Mira Tallgrass', 'typed' => true, 'strokes' => [],
        ...$more,
    ];
    $this->code = fn (User $of): string => $this->actingAs($of)->postJson('/api/v1/account/signing-code')
        ->assertOk()->json('code');
});

it('lets each party sign in the own session, and says so', function (): void {
    $this->actingAs($this->mira)->getJson("/api/v1/attempts/{$this->attempt->id}/result")
        ->assertJsonPath('may_sign', ['student']);
    $this->postJson($this->path, ($this->signed)('scorer'))->assertForbidden();
    $this->postJson($this->path, ($this->signed)('student'))->assertCreated()
        ->assertJsonPath('means', 'in the own session, by typing the name');
    $this->actingAs($this->yard->scorer)->getJson("/api/v1/attempts/{$this->attempt->id}/result")
        ->assertJsonPath('may_sign', ['scorer', 'student']);
    $this->postJson($this->path, ($this->signed)('scorer', ['strokes' => [[1, 2, 3, 4]], 'typed' => false]))
        ->assertCreated()->assertJsonPath('means', 'in the own session');
});

it('says where the student signed on the device of whoever scored', function (): void {
    $this->actingAs($this->yard->scorer)
        ->postJson($this->path, ($this->signed)('student', ['strokes' => [[1, 2, 3, 4]], 'typed' => false]))
        ->assertCreated()->assertJsonPath('means', "on the scorer's glass")
        ->assertJsonPath('entered_by', 'Rosa Kettering');
});

it('takes a code of the student once, and no other', function (): void {
    $code = ($this->code)($this->mira);
    expect($code)->toMatch('/^[A-Z2-9]{6}$/');
    $others = ($this->code)($this->yard->person(Role::Student, 'Odell Marrowby'));
    $this->actingAs($this->yard->scorer);
    foreach (['AAAAAA', $others] as $wrong) {
        $this->postJson($this->path, ($this->signed)('student', ['code' => $wrong, 'typed' => false]))
            ->assertUnprocessable()->assertJsonPath('errors.0.path', 'code');
    }
    $body = ($this->signed)('student', ['code' => strtolower($code), 'typed' => false]);
    $this->postJson($this->path, $body)->assertCreated()->assertJsonPath('means', 'by a code of the own account');
    $this->postJson($this->path, $body)->assertCreated();
    $second = $this->yard->attempt();
    $this->yard->finish($second);
    $this->postJson("/api/v1/attempts/$second->id/signatures", ($this->signed)('student', [
        'code' => $code, 'typed' => false,
    ]))->assertUnprocessable();
});

it('asks who signs, whatever was sent in place of it', function (mixed $party): void {
    $this->actingAs($this->yard->scorer)
        ->postJson($this->path, ['party' => $party] + ($this->signed)('student'))->assertUnprocessable();
})->with([[[[null]]], [['student']], [3], [null], ['nobody']]);

it('takes no code that is too old or was replaced', function (): void {
    $first = ($this->code)($this->mira);
    $second = ($this->code)($this->mira);
    $this->actingAs($this->yard->scorer);
    $this->postJson($this->path, ($this->signed)('student', ['code' => $first, 'typed' => false]))
        ->assertUnprocessable();
    Carbon::setTestNow(Carbon::now()->addMinutes(11));
    $this->postJson($this->path, ($this->signed)('student', ['code' => $second, 'typed' => false]))
        ->assertUnprocessable();
});

it('tells that a student without an account has no code', function (): void {
    $this->yard->student->update(['user_id' => null]);
    $this->actingAs($this->yard->scorer)
        ->postJson($this->path, ($this->signed)('student', ['code' => 'AAAAAA', 'typed' => false]))
        ->assertUnprocessable()->assertJsonPath('errors.0.message', 'This student has no account to have a code from. '.
            'Sign on the glass.');
});
