<?php

declare(strict_types=1);

use App\Models\AttemptResult;
use App\Models\ItemOutcomeRow;
use Illuminate\Support\Facades\DB;
use Pasada\Core\Scoring\ScoreSheet;
use Tests\Support\Yard;

/** A finished attempt as the first scoring closed it: failed at 12.3 %, its first item missed. */
function closedByTheFirst(Yard $yard): string
{
    $attempt = $yard->attempt();
    $yard->finish($attempt);
    AttemptResult::query()
        ->whereKey($attempt->id)
        ->update(['engine' => 1, 'standing' => 'passed', 'permille' => 123, 'out_of_place' => 7]);
    ItemOutcomeRow::query()
        ->where('attempt_id', $attempt->id)
        ->orderBy('item')
        ->limit(1)
        ->update(['status' => 'late']);
    DB::table('kept_sheets')->where('attempt_id', $attempt->id)->delete();

    return $attempt->id;
}

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->actingAs($this->yard->scorer);
});

it('keeps the sheet of an attempt as its scoring wrote it, with the version', function (): void {
    $attempt = $this->yard->attempt();
    $this->yard->finish($attempt);
    $sheet = json_decode((string) DB::table('kept_sheets')->where('attempt_id', $attempt->id)->value('sheet'), true);

    expect($sheet['engine'])->toBe(ScoreSheet::ENGINE)->and($sheet['finished'])->toBeTrue()
        ->and(AttemptResult::query()->whereKey($attempt->id)->value('engine'))->toBe(ScoreSheet::ENGINE)
        ->and($this->getJson("/api/v1/attempts/$attempt->id/result")->assertOk()->json('earlier_scoring'))->toBeNull();
});

it('shows an old record as it was closed, and today\'s scoring as a what-if', function (): void {
    $id = closedByTheFirst($this->yard);
    $result = $this->getJson("/api/v1/attempts/$id/result")->assertOk()->json();

    expect($result['sheet'])
        ->toMatchArray(['standing' => 'passed', 'permille' => 123, 'out_of_place' => 7, 'engine' => 1])
        ->and($result['earlier_scoring'])
        ->toMatchArray(['engine' => 1, 'current' => ScoreSheet::ENGINE, 'standing' => 'failed'])
        ->and(array_column($result['earlier_scoring']['changes'], 'was'))
        ->toBe(['late']);
});

it('leaves what an earlier scoring closed alone when projections are rebuilt', function (): void {
    $id = closedByTheFirst($this->yard);
    $this->artisan('pasada:project')->expectsOutputToContain('1 keep what an earlier scoring said')->assertSuccessful();

    expect(AttemptResult::query()->whereKey($id)->value('permille'))->toBe(123);
});

it('does not call a signature void because the scoring changed', function (): void {
    $id = closedByTheFirst($this->yard);
    DB::table('signatures')->insert([
        'attempt_id' => $id,
        'party' => 'scorer',
        'name' => 'Mira Tallgrass',
        'strokes' => '[[0,0,9,9]]',
        'digest' => str_repeat('a', 64),
        'signed_at' => now(),
    ]);

    expect($this->getJson("/api/v1/attempts/$id/result")->assertOk()->json('signatures.0.stands'))->toBeTrue();
});
