<?php

declare(strict_types=1);

use App\Library\MarkStore;
use App\Models\LightHelper;
use App\Models\Role;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkKind;
use Tests\Support\Yard;

// A helper outside with a phone: let in by a code, sees what was called and nothing else, answers works or does not.

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->yard->checklist->update([
        'document' => (string) file_get_contents(base_path('checklists/cab-brakes-and-drawn-form.json')),
    ]);
    $this->yard->vehicle->update([
        'document' => (string) file_get_contents(base_path('vehicles/dock-tractor-chassis.json')),
    ]);
    $this->attempt = $this->yard->attempt();
    $this->url = "/api/v1/attempts/{$this->attempt->id}";
    $this->actingAs($this->yard->scorer);
    $this->invite = fn (): string => $this->actingAs($this->yard->scorer)->postJson($this->url.'/helper')->assertOk()
        ->json('code');
    $this->outside = function (string $method, string $path, array $body = []): TestResponse {
        auth()->forgetGuards();
        $this->flushSession();

        return $this->json($method, '/api/v1/helper'.$path, $body);
    };
    $this->call = fn (string ...$keys) => $this->actingAs($this->yard->scorer)->postJson($this->url.'/marks', [
        'recorder' => (string) Str::uuid7(), 'marks' => array_map(static fn (string $key, int $n): array => [
            'id' => (string) Str::uuid7(), 'at_ms' => 1000 * ($n + 1), 'kind' => 'heard_whole',
            'item' => "cab.light_check@$key",
        ], $keys, array_keys($keys)),
    ])->assertOk();
});

it('shows what was called, one after the other, takes the answers, and tells nothing else', function (): void {
    $code = ($this->invite)();
    $token = ($this->outside)('POST', '', ['code' => strtolower($code)])->assertOk()->json('token');
    ($this->outside)('GET', "/$token")->assertOk()
        ->assertExactJson(['item' => null, 'function' => '', 'at' => [], 'waiting' => 0]);
    ($this->call)('left-turn.front', 'left-turn.rear');
    ($this->outside)('GET', "/$token")->assertExactJson([
        'item' => 'cab.light_check@left-turn.front', 'function' => 'Left turn signals', 'at' => ['front: amber'],
        'waiting' => 1,
    ]);
    $say = fn (string $item, bool $works, ?string $id = null): TestResponse => ($this->outside)(
        'POST', "/$token/answers", ['id' => $id ?? (string) Str::uuid7(), 'item' => $item, 'works' => $works],
    );
    $id = (string) Str::uuid7();
    $say('cab.light_check@left-turn.front', true, $id)->assertOk()
        ->assertJsonPath('item', 'cab.light_check@left-turn.rear');
    // Sent twice, as a phone does that lost its network before the answer came.
    $say('cab.light_check@left-turn.front', true, $id)->assertOk();
    $say('cab.light_check@left-turn.rear', false)->assertOk()->assertJsonPath('item', null);

    $seen = array_values(array_filter(
        app(MarkStore::class)->read($this->attempt->id)[0]->marks,
        static fn (Mark $mark): bool => $mark->evidence === 'helper',
    ));
    expect(array_map(static fn (Mark $mark): array => [$mark->kind, $mark->payload->item()], $seen))->toBe([
        [MarkKind::LampLit, 'cab.light_check@left-turn.front'], [MarkKind::LampDark, 'cab.light_check@left-turn.rear'],
    ]);
    $outcomes = array_column(
        $this->actingAs($this->yard->scorer)->getJson($this->url)->json('sheet.outcomes'), 'defect', 'item',
    );
    expect($outcomes['cab.light_check@left-turn.rear'])->toBe('dark')
        ->and($outcomes['cab.light_check@left-turn.front'])->toBeNull();
});

it('refuses a code that is of no use, with the reason', function (string $how, string $why): void {
    $code = ($this->invite)();
    match ($how) {
        'guessed' => $code = $code === 'QQQQQQ' ? 'RRRRRR' : 'QQQQQQ',
        'used' => ($this->outside)('POST', '', ['code' => $code])->assertOk(),
        'too old' => $this->travel(11)->minutes(),
        'replaced' => ($this->invite)(),
        'finished' => $this->yard->finish($this->attempt),
    };
    $opened = LightHelper::query()->whereNotNull('token_digest')->count();
    ($this->outside)('POST', '', ['code' => $code])->assertStatus(410)->assertJsonPath(
        'detail', fn (string $told): bool => str_contains($told, $why),
    );
    expect(LightHelper::query()->whereNotNull('token_digest')->count())->toBe($opened);
})->with([
    ['guessed', 'none of ours'], ['used', 'used on another phone'], ['too old', 'too old'], ['replaced', 'too old'],
    ['finished', 'is over'],
]);

it('limits how often somebody guesses, by address', function (): void {
    config(['pasada.secrets_per_minute' => 5]);
    $last = null;
    for ($n = 0; $n < 40 && $last?->status() !== 429; $n++) {
        $last = ($this->outside)('POST', '', ['code' => 'WRONG'.$n % 10]);
    }
    expect($last?->status())->toBe(429);
});

it('ends with the walk and with its time', function (string $what): void {
    $token = ($this->outside)('POST', '', ['code' => ($this->invite)()])->json('token');
    $what === 'walk' ? $this->yard->finish($this->attempt) : $this->travel(50)->minutes();
    ($this->outside)('GET', "/$token")->assertStatus(410)->assertSee('is over');
    ($this->outside)('POST', "/$token/answers", [
        'id' => (string) Str::uuid7(), 'item' => 'cab.light_check@left-turn.front', 'works' => true,
    ])->assertStatus(410);
})->with(['walk', 'time']);

it('answers for lights of its own walk only, and says what is malformed', function (array $change, string $path): void {
    $token = ($this->outside)('POST', '', ['code' => ($this->invite)()])->json('token');
    ($this->outside)('POST', "/$token/answers", [
        'id' => (string) Str::uuid7(), 'item' => 'cab.light_check@left-turn.front', 'works' => true, ...$change,
    ])->assertUnprocessable()->assertJsonPath('errors.0.path', $path);
})->with([
    'another part' => [['item' => 'cab.seat_belt'], 'item'],
    'nothing there' => [['item' => 'cab.light_check@x'], 'item'],
    'no answer' => [['works' => 'perhaps'], 'works'], 'no id' => [['id' => 'mine'], 'id'],
]);

it('is invited by who scores the walk and by nobody else', function (): void {
    $this->actingAs($this->yard->person(Role::Instructor, 'Tam Halvard'))->postJson($this->url.'/helper')
        ->assertForbidden();
    $this->yard->finish($this->attempt);
    $this->actingAs($this->yard->scorer)->postJson($this->url.'/helper')->assertStatus(410);
    expect(LightHelper::query()->count())->toBe(0);
});
