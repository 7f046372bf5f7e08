<?php

declare(strict_types=1);

use App\Actions\Walk\RecordMarks;
use App\Progress\AfterAnswer;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

// What a school's attempts tell is fitted once and kept; a command does so for large schools.

function finishedWalk(Yard $yard): void
{
    $attempt = $yard->attempt();
    $marks = [Sample::whole(1, 'cab.seat_belt'), Sample::finish(2)];
    app(RecordMarks::class)->handle(
        $attempt, $yard->scorer, $attempt->id, ['marks' => array_map(MarkWriter::write(...), $marks)],
    );
}

it('fits every school for what it walks, and keeps it', function (): void {
    finishedWalk(new Yard);
    $this->artisan('pasada:refit')->assertSuccessful();
    $this->artisan('pasada:refit')->assertSuccessful();

    expect(DB::table('school_models')->count())->toBe(1)
        ->and(DB::table('school_models')->value('attempts'))->toBe(1);
});

it('fits again after some more attempts, and not after each', function (int $more, int $known): void {
    $yard = new Yard;
    $this->actingAs($yard->scorer);
    finishedWalk($yard);
    $this->getJson('/api/v1/class')->assertOk();
    for ($n = 0; $n < $more; $n++) {
        finishedWalk($yard);
    }
    // The next request is another one, which a test does not notice by itself.
    $this->app->forgetScopedInstances();
    $this->getJson('/api/v1/class')->assertOk();

    expect(DB::table('school_models')->value('attempts'))->toBe($known);
})->with(['one more' => [1, 1], 'five more' => [5, 6]]);

it('works out one after the other on a server: what finds it busy is left for the next request', function (): void {
    $yard = new Yard;
    $this->actingAs($yard->scorer);
    finishedWalk($yard);
    $this->getJson('/api/v1/class')->assertOk();
    for ($n = 0; $n < 5; $n++) {
        finishedWalk($yard);
    }
    $known = function (): mixed {
        $this->app->forgetScopedInstances();
        $this->getJson('/api/v1/class')->assertOk();

        return DB::table('school_models')->value('attempts');
    };
    $busy = Cache::lock(AfterAnswer::turnOf(config()->string('pasada.server')), 60);
    $busy->get();
    $whileBusy = $known();
    $busy->release();

    expect([$whileBusy, $known()])->toBe([1, 6]);
});

it('asks the database no more often for thirty students than for three', function (): void {
    $yard = new Yard;
    $this->actingAs($yard->scorer);
    finishedWalk($yard);
    $count = function (int $students) use ($yard): int {
        for ($n = 0; $n < $students; $n++) {
            $yard->student('Student '.$n);
        }
        $this->getJson('/api/v1/class')->assertOk();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->getJson('/api/v1/class')->assertOk();

        return count(DB::getQueryLog());
    };

    expect($count(27))->toBe($count(3));
});
