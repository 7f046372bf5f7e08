<?php

declare(strict_types=1);

use App\Operations\PrometheusText;
use App\Operations\RequestFigures;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

beforeEach(function (): void {
    config(['pasada.operator_token' => 'of-the-operator']);
    $this->figures = fn (string $token = 'of-the-operator'): string => (string) $this
        ->get('/metrics', ['Authorization' => "Bearer $token"])->getContent();
});

it('is there for operators only', function (): void {
    $this->get('/metrics')->assertNotFound();
    $this->get('/metrics', ['Authorization' => 'Bearer guessed'])->assertNotFound();
    $this->get('/metrics', ['Authorization' => 'Bearer of-the-operator'])->assertOk()
        ->assertHeader('Content-Type', PrometheusText::TYPE);
    config(['pasada.operator_token' => '']);
    $this->get('/metrics', ['Authorization' => 'Bearer '])->assertNotFound();
});

it('counts marks and requests by route, and names nobody', function (): void {
    $yard = new Yard;
    $attempt = $yard->attempt();
    $this->actingAs($yard->scorer);
    $body = ['recorder' => $attempt->id, 'marks' => [MarkWriter::write(Sample::whole(2, 'engine.oil_level'))]];
    $this->postJson("/api/v1/attempts/$attempt->id/marks", $body)->assertOk();
    $this->postJson("/api/v1/attempts/$attempt->id/marks", $body)->assertOk();
    $this->getJson("/api/v1/students/{$yard->student->id}")->assertOk();
    $told = ($this->figures)();

    $marks = 'route="api/v1/attempts/{attempt}/marks",method="POST",status="200"';
    expect($told)->toContain("pasada_requests_total{{$marks}} 2")
        ->toContain('pasada_marks_kept_total 1')
        ->toContain('pasada_marks_sent_again_total 1')
        ->toContain('pasada_database_up 1')
        ->toContain('pasada_queue_jobs{queue="live"} 0')
        ->not->toContain($attempt->id)->not->toContain($yard->student->name);
});

it('is text that Prometheus reads: each series once, behind its type, buckets rising to the count', function (): void {
    $this->getJson('/up');
    $this->getJson('/nowhere');
    $typed = $seen = [];
    foreach (explode("\n", trim(($this->figures)())) as $line) {
        if (preg_match('/^# TYPE (\w+) (counter|gauge|histogram)$/', $line, $found) === 1) {
            expect($typed)->not->toContain($found[1]);
            $typed[] = $found[1];
        } elseif (! str_starts_with($line, '# HELP ')) {
            expect($line)->toMatch('/^\w+(\{(\w+="[^"]*",?)+\})? [0-9.e+-]+$/');
            $series = strrchr($line, ' ') === false ? $line : substr($line, 0, -strlen(strrchr($line, ' ')));
            expect($seen)->not->toContain($series)
                ->and($typed)->toContain(preg_replace('/_(bucket|sum|count)$/', '', (string) strtok($series, '{')));
            $seen[] = $series;
        }
    }
    expect(count($seen))->toBeGreaterThan(15);
});

it('puts a request into the buckets of its time', function (float $seconds, array $within): void {
    $counters = app(App\Operations\Counters::class);
    (new RequestFigures($counters))->count('a', 'GET', 200, $seconds);
    $told = RequestFigures::histogram($counters->all());
    $counts = array_map(
        static fn (string $edge): int => (int) $told["request_seconds_bucket{route=\"a\",method=\"GET\",le=\"$edge\"}"],
        RequestFigures::BUCKETS,
    );

    expect($counts)->toBe($within)
        ->and($told['request_seconds_count{route="a",method="GET"}'])->toBe(1)
        ->and($told['request_seconds_sum{route="a",method="GET"}'])->toEqualWithDelta($seconds, 0.000_001);
})->with([
    'at once' => [0.004, [1, 1, 1, 1, 1, 1, 1, 1, 1]],
    'on an edge' => [0.3, [0, 0, 0, 0, 1, 1, 1, 1, 1]],
    'for ever' => [60.0, [0, 0, 0, 0, 0, 0, 0, 0, 1]],
]);
