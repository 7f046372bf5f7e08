<?php

declare(strict_types=1);

use App\Actions\Walk\ReadSheet;
use App\Library\KeptSheets;
use App\Library\MarkStore;
use App\Library\RecordDigest;
use App\Models\Attempt;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->old = $this->yard->attempt(startedAt: '2025-01-10 10:00');
    $this->yard->finish($this->old);
    $this->actingAs($this->yard->scorer);
    /** All that is told of a record, in one value. */
    $this->told = fn (): array => [
        KeptSheets::written(app(ReadSheet::class)->handle($this->old->refresh())),
        app(MarkStore::class)->version($this->old->id),
        app(RecordDigest::class)->of($this->old),
        $this->getJson("/api/v1/attempts/{$this->old->id}/marks")->assertOk()->json(),
        $this->getJson("/api/v1/attempts/{$this->old->id}/record")->assertOk()->json(),
    ];
    $this->rows = fn (): int => DB::table('marks')->where('attempt_id', $this->old->id)->count();
});

it('changes nothing that is told of a record', function (): void {
    $before = ($this->told)();
    $marks = ($this->rows)();
    Artisan::call('pasada:pack', ['--days' => 30]);

    expect(($this->rows)())->toBe(0)
        ->and(DB::table('packed_marks')->where('attempt_id', $this->old->id)->value('count'))->toBe($marks)
        ->and(($this->told)())->toBe($before);
});

it('leaves what is under way or young, and packs nothing twice', function (): void {
    $underWay = $this->yard->attempt(startedAt: '2025-01-11 10:00');
    $young = $this->yard->attempt(startedAt: Carbon::now()->subDays(3)->toDateTimeString());
    $this->yard->finish($young);
    Artisan::call('pasada:pack', ['--days' => 30]);
    expect(Artisan::output())->toContain('1 attempts packed')
        ->and(DB::table('packed_marks')->pluck('attempt_id')->all())->toBe([$this->old->id])
        ->and(Attempt::query()->whereKey([$underWay->id, $young->id])->pluck('packed')->unique()->all())->toBe([0]);
    Artisan::call('pasada:pack', ['--days' => 30]);
    expect(Artisan::output())->toContain('0 attempts packed');
});

it('takes an amendment as before, and is packed again afterwards', function (): void {
    Artisan::call('pasada:pack', ['--days' => 30]);
    $before = app(MarkStore::class)->read($this->old->id)[0]->marks;
    $this->postJson("/api/v1/attempts/{$this->old->id}/amendments", [
        'id' => (string) Str::uuid7(), 'reason' => 'The oil level was named, I did not hear it.',
        'marks' => [MarkWriter::write(Sample::whole(2, 'engine.oil_level'))],
    ])->assertOk();
    $after = ($this->told)();
    expect(($this->rows)())->toBe(count($before) + 1)->and(DB::table('packed_marks')->count())->toBe(0);
    Artisan::call('pasada:pack', ['--days' => 30]);

    expect(($this->rows)())->toBe(0)->and(($this->told)())->toBe($after);
});

it('waits until no server of the version before can be left, unless it is told how old', function (): void {
    Artisan::call('pasada:pack');
    expect(Artisan::output())->toContain('packing begins on')->and(DB::table('packed_marks')->count())->toBe(0);
    DB::table('service_facts')->where('name', 'packing')->update(['since' => Carbon::now()->subDays(8)]);
    Artisan::call('pasada:pack');
    expect(DB::table('packed_marks')->count())->toBe(1)
        ->and(Artisan::call('pasada:pack', ['--days' => 'soon']))->toBe(2);
});
