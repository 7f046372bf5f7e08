<?php

declare(strict_types=1);

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

beforeEach(function (): void {
    config(['pasada.operator_token' => 'of-the-operator']);
    $this->ready = fn (): TestResponse => $this->getJson('/ready', ['Authorization' => 'Bearer of-the-operator']);
    $this->check = fn (string $name): array => collect(($this->ready)()->json('checks'))->firstWhere('name', $name);
});

afterEach(fn () => Carbon::setTestNow());

it('lives without asking anybody', function (): void {
    DB::listen(static fn () => throw new LogicException('The database was asked.'));
    $this->getJson('/up')->assertOk()->assertExactJson(['up' => true])->assertCookieMissing('pasada_session');
});

it('is ready where all is well, and tells words to operators only', function (): void {
    ($this->ready)()->assertOk()->assertJsonPath('ready', true)->assertJsonCount(6, 'checks')
        ->assertJsonPath('checks.*.state', array_fill(0, 6, 'ok'))->assertJsonPath('server', config('pasada.server'));
    config(['pasada.least_free_mb' => PHP_INT_MAX >> 24]);
    $this->getJson('/ready')->assertStatus(503)->assertJsonPath('server', null)
        ->assertJsonPath('checks.5.says', null);
});

it('tells a clock that is off', function (int $seconds, string $state, string $says): void {
    Carbon::setTestNow(Carbon::now()->addSeconds($seconds));

    expect(($this->check)('clock'))->toMatchArray(['state' => $state])
        ->and(($this->check)('clock')['says'])->toContain($says);
    ($this->ready)()->assertOk();
})->with([
    'right' => [0, 'ok', ''],
    'one second' => [1, 'ok', ''],
    'half a minute ahead' => [30, 'warning', 'ahead of'],
    'half a minute behind' => [-30, 'warning', 'behind'],
]);

it('asks for another server where a step of the tables is missing, and goes on beside a newer one', function (): void {
    DB::table('migrations')->insert(['migration' => '2999_01_01_000001_of_a_newer_version', 'batch' => 99]);
    expect(($this->check)('tables')['state'])->toBe('warning')
        ->and(($this->check)('tables')['says'])->toContain('2999_01_01_000001_of_a_newer_version');
    ($this->ready)()->assertOk();

    DB::table('migrations')->orderByDesc('id')->where('batch', '<', 99)->limit(1)->delete();
    expect(($this->check)('tables'))->toMatchArray(['state' => 'failed'])
        ->and(($this->check)('tables')['says'])->toContain('php artisan migrate');
    ($this->ready)()->assertStatus(503)->assertHeader('Retry-After');
});

it('tells for an hour that the store was emptied', function (): void {
    expect(($this->check)('store')['state'])->toBe('ok');
    Cache::flush();
    expect(($this->check)('store'))->toMatchArray(['state' => 'warning'])
        ->and(($this->check)('store')['says'])->toContain('emptied')->toContain('No mark is lost');
    DB::table('service_facts')->where('name', 'store')->update(['emptied_at' => Carbon::now()->subMinutes(61)]);
    expect(($this->check)('store')['state'])->toBe('ok');
});

it('tells that nobody works on what waits', function (): void {
    config(['queue.default' => 'database']);
    DB::table('jobs')->insert([
        'queue' => 'live', 'payload' => '{}', 'attempts' => 0, 'created_at' => 0,
        'available_at' => Carbon::now()->subHours(2)->getTimestamp(),
    ]);

    expect(($this->check)('queue'))->toMatchArray(['state' => 'warning'])
        ->and(($this->check)('queue')['says'])->toContain('120 minutes');
});

it('says it in the log, once a minute', function (): void {
    Log::spy();
    config(['pasada.least_free_mb' => PHP_INT_MAX >> 24, 'cache.stores.machine.driver' => 'array']);
    ($this->ready)();
    ($this->ready)();

    Log::shouldHaveReceived('log')->withArgs(
        static fn (string $level, string $said, array $with): bool => $level === 'error' &&
            str_contains($said, 'disk') && str_contains($with['says'], 'MB are free'),
    )->once();
});

it('says that there is no room where something failed for want of it, and keeps marks', function (): void {
    config(['pasada.least_free_mb' => PHP_INT_MAX >> 24, 'app.debug' => false]);
    Route::get('/writes', static fn () => throw new ErrorException('file_put_contents(): No space left on device'));
    $this->getJson('/writes')->assertStatus(507)->assertJsonPath('type', '/problems/no-room');
    config(['pasada.least_free_mb' => 0]);
    $this->getJson('/writes')->assertStatus(500)->assertJsonPath('type', '/problems/failed');
    config(['pasada.least_free_mb' => PHP_INT_MAX >> 24]);
    $yard = new Yard;
    $attempt = $yard->attempt();
    $this->actingAs($yard->scorer)->postJson("/api/v1/attempts/$attempt->id/marks", [
        'recorder' => $attempt->id, 'marks' => [MarkWriter::write(Sample::whole(1, 'cab.seat_belt'))],
    ])->assertOk();
});
