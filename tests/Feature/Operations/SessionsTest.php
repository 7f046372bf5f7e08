<?php

declare(strict_types=1);

use App\Access\Sessions;
use Illuminate\Session\SessionManager;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Support\Yard;

// Where sessions lie in a store that cannot be asked whose they are; the tests' own is one of these.

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->rows = fn () => DB::table('sessions')->where('user_id', $this->yard->scorer->id);
    $this->actingAs($this->yard->scorer);
});

afterEach(fn () => Carbon::setTestNow());

it('tells where somebody is signed in, written now and then', function (): void {
    $this->getJson('/api/v1/session')->assertOk();
    expect(($this->rows)()->count())->toBe(1)->and(($this->rows)()->value('payload'))->toBe('');
    $noted = ($this->rows)()->value('last_activity');

    expect($this->getJson('/api/v1/account')->assertOk()->json('sessions'))->toHaveCount(1)
        ->and(($this->rows)()->value('last_activity'))->toBe($noted);
});

it('sweeps away those that are over', function (): void {
    DB::table('sessions')->insert([
        'id' => 'of-last-week', 'user_id' => $this->yard->scorer->id, 'payload' => '',
        'last_activity' => Carbon::now()->subWeek()->getTimestamp(),
    ]);
    expect(app(Sessions::class)->of($this->yard->scorer))->toBe([]);
    $this->getJson('/api/v1/session')->assertOk();

    expect(($this->rows)()->pluck('id')->all())->not->toContain('of-last-week')->toHaveCount(1);
});

it('ends a session where it lies', function (): void {
    $store = app(SessionManager::class)->driver()->getHandler();
    $store->write('of-the-tablet', 'signed in');
    DB::table('sessions')->insert([
        'id' => 'of-the-tablet', 'user_id' => $this->yard->scorer->id, 'payload' => '',
        'last_activity' => Carbon::now()->getTimestamp(),
    ]);
    expect(app(Sessions::class)->end($this->yard->scorer, Sessions::sign('of-the-tablet')))->toBeTrue()
        ->and($store->read('of-the-tablet'))->toBe('')
        ->and(($this->rows)()->where('id', 'of-the-tablet')->exists())->toBeFalse();
});
