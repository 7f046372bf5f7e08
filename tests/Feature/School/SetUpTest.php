<?php

declare(strict_types=1);

use App\Models\Installation;
use App\Models\School;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->code = function (): string {
        Artisan::call('pasada:install');

        return trim(Artisan::output());
    };
    $this->body = [
        'school' => 'Ferrow Sound Harbor College', 'state' => 'Tamarack', 'time_zone' => 'America/Chicago',
        'name' => 'Paul Averdale', 'email' => 'paul@yard.example', 'password' => 'slack lug tarpaulin',
    ];
});

afterEach(fn () => Carbon::setTestNow());

it('sets a school up once, with the code that was printed, and signs its manager in', function (): void {
    $code = ($this->code)();
    $this->getJson('/api/v1/about')->assertJsonPath('needs_setup', true)->assertJsonPath('is_demo', false);
    $this->postJson('/api/v1/setup', [...$this->body, 'code' => strtolower($code)])->assertCreated()
        ->assertJsonPath('may_manage', true)->assertJsonPath('school', 'Ferrow Sound Harbor College');
    $this->getJson('/api/v1/about')->assertJsonPath('needs_setup', false);
    $this->getJson('/api/v1/session')->assertOk();
    $this->postJson('/api/v1/setup', [...$this->body, 'email' => 'other@yard.example', 'code' => $code])
        ->assertUnprocessable()->assertJsonPath('errors.0.path', 'code');
    expect(School::query()->count())->toBe(1)->and(($this->code)())->toBe('');
});

it('refuses a code that is wrong, old or replaced, and a weak password', function (Closure $spoil, string $path): void {
    $code = ($this->code)();
    $body = $spoil($this, [...$this->body, 'code' => $code]);
    $this->postJson('/api/v1/setup', $body)->assertUnprocessable()->assertJsonPath('errors.0.path', $path);
    expect(School::query()->count() + User::query()->count())->toBe(0);
})->with([
    'wrong' => [fn ($test, array $body): array => [...$body, 'code' => 'AAAAA-AAAAA'], 'code'],
    'old' => [function ($test, array $body): array {
        Carbon::setTestNow(now()->addHours(25));

        return $body;
    }, 'code'],
    'replaced' => [function ($test, array $body): array {
        ($test->code)();

        return $body;
    }, 'code'],
    'weak' => [fn ($test, array $body): array => [...$body, 'password' => 'password1234'], 'password'],
    'nowhere' => [fn ($test, array $body): array => [...$body, 'time_zone' => 'Atlantis'], 'time_zone'],
]);

it('never turns made-up data into a school, nor a school into made-up data', function (
    string $kind, string $command,
): void {
    Installation::query()->create(['id' => 1, 'kind' => $kind]);
    $this->artisan($command)->assertFailed();
    expect(Installation::here()?->kind)->toBe($kind)->and(School::query()->count())->toBe(0);
})->with([[Installation::DEMO, 'pasada:install'], [Installation::SCHOOL, 'pasada:demo']]);

it('takes further schools of an operator, whose managers set their passwords by a link', function (): void {
    new Yard;
    Installation::query()->create(['id' => 1, 'kind' => Installation::SCHOOL]);
    $of = [
        'name' => 'Elsewhere College', 'state' => 'Tamarack', 'manager' => 'Ada Quill', 'email' => 'ada@else.example',
    ];
    $this->artisan('pasada:school', $of)->assertSuccessful()->expectsOutputToContain('/welcome/');
    $this->artisan('pasada:school', $of)->assertFailed()->expectsOutputToContain('belongs to an account already');
    $this->artisan('pasada:school', [...$of, 'email' => 'b@else.example', '--time-zone' => 'Atlantis'])->assertFailed();
    expect(School::query()->count())->toBe(2);
});

it('takes a checklist and a vehicle that come with Pasada, once, and says how far it is', function (): void {
    $this->postJson('/api/v1/setup', [...$this->body, 'code' => ($this->code)()])->assertCreated();
    $this->getJson('/api/v1/school')->assertOk()->assertJsonPath('checklists', 0)
        ->assertJsonPath('steps.2', ['step' => 'scorer', 'done' => false]);
    // Another manager scores nothing.
    $this->postJson('/api/v1/people', [
        'name' => 'Ada Quill', 'email' => 'ada@yard.example', 'roles' => ['manager'],
    ])->assertCreated();
    $this->getJson('/api/v1/school')->assertJsonPath('steps.2.done', false);
    foreach ([['checklist', 'whole-walk-round'], ['vehicle', 'dock-tractor-chassis']] as [$kind, $id]) {
        $this->postJson('/api/v1/school/shipped', ['kind' => $kind, 'id' => $id])->assertOk();
        $told = $this->postJson('/api/v1/school/shipped', ['kind' => $kind, 'id' => $id])->assertOk()->json();
        expect($told[$kind.'s'])->toBe(1)->and(array_column($told["shipped_{$kind}s"], 'value'))->not->toContain($id);
    }
    $this->postJson('/api/v1/school/shipped', ['kind' => 'vehicle', 'id' => 'a-boat'])->assertUnprocessable();
    $this->putJson('/api/v1/school', [
        'name' => 'Ferrow Sound', 'state' => 'Tamarack', 'time_zone' => 'America/Denver',
        'two_factor_roles' => ['examiner'], 'start_is_done' => true,
    ])->assertOk()->assertJsonPath('start_is_done', true)->assertJsonPath('two_factor_roles', ['examiner']);
});
