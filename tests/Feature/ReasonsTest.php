<?php

declare(strict_types=1);

use App\Actions\Walk\RecordMarks;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

it('tells in every list what a verdict rests on', function (int $said, ?string $reason): void {
    $yard = new Yard;
    $attempt = $yard->attempt();
    $marks = array_map(MarkWriter::write(...), [...array_slice(Sample::all(), 0, $said), Sample::finish(20)]);
    app(RecordMarks::class)->handle($attempt, $yard->scorer, $attempt->id, ['marks' => $marks]);
    $this->actingAs($yard->scorer);

    expect($this->getJson('/api/v1/students')->json('0.last_reason'))->toBe($reason)
        ->and($this->getJson('/api/v1/today')->json('recent.0.reason'))
        ->toBe($reason)
        ->and($this->getJson("/api/v1/students/{$yard->student->id}")->json('attempts.0.reason'))
        ->toBe($reason);
})->with([
    'passed' => [8, null],
    'failed' => [4, '50.0% of the whole walk was earned; 80% is needed.'],
]);
