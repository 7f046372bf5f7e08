<?php

declare(strict_types=1);

use App\Actions\Record\AmendRecord;
use App\Actions\Walk\RecordMarks;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\DayTally;
use App\Models\Role;
use App\Progress\SchoolTallies;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Progress\Health\ItemTally;
use Pasada\Core\Progress\Health\Tallies;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

// How items went, counted once a day of walks and kept.

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->now = Carbon::parse('2026-11-26 18:00');
    $this->finished = function (string $day, ?Attempt $of = null): Attempt {
        $attempt = $this->yard->attempt(
            $of === null ? null : $this->yard->person(Role::Examiner, 'Ilse Drumlin'), startedAt: "$day 14:00",
        );
        $attempt->update(['walk_of' => $of?->id]);
        app(RecordMarks::class)->handle($attempt, $attempt->scorer, $attempt->id, ['marks' => array_map(
            MarkWriter::write(...), [Sample::whole(1, 'cab.seat_belt'), Sample::finish(2)],
        )]);

        return $attempt->refresh();
    };
    $this->void = static fn (Attempt $one): bool => $one->update(['status' => AttemptStatus::Void]);
    $this->kept = fn (): array => app(SchoolTallies::class)->byDay($this->yard->school->id, $this->now);
    /** Everything counted from its outcomes, with nothing kept. */
    $this->counted = function (): array {
        DayTally::query()->delete();

        return ($this->kept)();
    };
});

it('reads a counted day from where it is kept, without its outcomes', function (): void {
    ($this->finished)('2026-11-20');
    $first = ($this->kept)();
    $asked = [];
    DB::listen(static function (QueryExecuted $query) use (&$asked): void {
        $asked[] = $query->sql;
    });

    expect(($this->kept)())->toEqual($first)->and($first)->toHaveKeys(['2026-11-20'])
        ->and(implode("\n", $asked))->not->toContain('item_outcomes');
});

it('counts a day anew once something of it has changed', function (Closure $change, int $walks): void {
    $attempt = ($this->finished)('2026-11-20');
    ($this->finished)('2026-11-20');
    ($this->kept)();
    Closure::bind($change, $this)($attempt);
    $kept = ($this->kept)();

    expect(Tallies::sum($kept)->attempts)->toBe($walks)->and($kept)->toEqual(($this->counted)());
})->with([
    'one more walk' => [fn () => ($this->finished)('2026-11-20'), 3],
    'a walk of another day' => [fn () => ($this->finished)('2026-11-21'), 3],
    'one voided' => [fn (Attempt $one) => ($this->void)($one), 1],
    'a second scorer at the same walk' => [fn (Attempt $one) => ($this->finished)('2026-11-21', $one), 2],
    'the first scorer\'s voided' => [function (Attempt $one): void {
        ($this->finished)('2026-11-21', $one);
        ($this->kept)();
        ($this->void)($one);
    }, 2],
]);

describe('an amendment', function (): void {
    beforeEach(function (): void {
        Carbon::setTestNow($this->now);
        $attempt = ($this->finished)('2026-11-20');
        $this->amend = fn () => app(AmendRecord::class)->handle(
            $attempt, $this->yard->scorer, (string) Str::uuid7(), 'The belt was not named',
            [['id' => (string) Str::uuid7(), 'at_ms' => 1, 'kind' => 'undo', 'undoes' => Sample::id(1)]], [],
            $this->now,
        );
    });

    it('changes what is counted', function (): void {
        $missed = fn (): int => Tallies::sum(($this->kept)())->items()['cab.seat_belt']->missed();
        $before = $missed();
        ($this->amend)();

        expect([$before, $missed()])->toBe([0, 1]);
    });

    it('changes how ready the class is told to be', function (): void {
        $this->actingAs($this->yard->scorer);
        $share = function (): float {
            $this->getJson('/api/v1/class')->assertOk();
            $kept = json_decode((string) DB::table('student_readiness')->value('answer'), true);

            return is_array($kept) ? $kept['share'] : 1.0;
        };
        $before = $share();
        ($this->amend)();

        expect($share())->toBeLessThan($before);
    });
});

it('tells nothing of a walk that is dated after tomorrow', function (): void {
    ($this->finished)('2026-11-29');

    expect(($this->kept)())->toBe([]);
});

describe('a walk that the reader is scoring too', function (): void {
    beforeEach(function (): void {
        Carbon::setTestNow($this->now);
        $this->reader = $this->yard->person(Role::Examiner, 'Ilse Drumlin');
        $this->actingAs($this->reader);
        $this->alongside = fn (Attempt $first): bool => $this->yard->attempt(
            $this->reader, startedAt: $first->started_at->toDateTimeString(),
        )->update(['walk_of' => $first->id]);
        /** What is told of the first item that is missed. */
        $this->told = function (): array {
            $item = array_key_first(array_filter(
                Tallies::sum(($this->kept)())->items(), static fn (ItemTally $one): bool => $one->missed() > 0,
            ));

            return array_column($this->getJson('/api/v1/class')->assertOk()->json('missed'), null, 'item')[$item];
        };
    });

    it('is left out of the class', function (): void {
        $first = ($this->finished)('2026-11-20');
        ($this->finished)('2026-11-21');
        $before = ($this->told)()['asked'];
        ($this->alongside)($first);

        expect([$before, ($this->told)()['asked']])->toBe([2, 1]);
    });

    it('lowers no count that it is not in', function (string $day): void {
        ($this->finished)('2026-11-20');
        ($this->finished)('2026-10-20');
        $first = ($this->finished)($day);
        $before = ($this->told)();
        ($this->alongside)($first);

        expect(($this->told)())->toBe($before);
    })->with(['one of longer ago than is told of' => ['2026-09-20']]);
});
