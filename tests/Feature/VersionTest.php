<?php

declare(strict_types=1);

use Tests\Support\Yard;

it('tells its one version where nobody is signed in, in records and in lists of events', function (): void {
    $version = trim((string) file_get_contents(base_path('VERSION')));
    $yard = new Yard;
    $attempt = $yard->attempt();
    $yard->finish($attempt);
    $this->actingAs($yard->scorer);

    expect($version)->toMatch('/^\d+\.\d+\.\d+$/')
        ->and($this->getJson('/api/v1/about')->assertOk()->json('version'))->toBe($version)
        ->and($this->getJson("/api/v1/attempts/$attempt->id/record")->assertOk()->json('pasada'))->toBe($version)
        ->and($this->getJson("/api/v1/attempts/$attempt->id/brakes/file")->assertOk()->json('pasada'))->toBe($version)
        ->and((string) file_get_contents(base_path('CHANGELOG.md')))->toContain("## $version");
});

it('takes a list of events back that it wrote itself', function (): void {
    $yard = new Yard;
    $attempt = $yard->attempt();
    $this->actingAs($yard->scorer);
    $list = (string) json_encode(['pasada' => '0.1.0', 'events' => [['at_ms' => 0, 'kind' => 'engine', 'to' => 'on']]]);
    $body = ['id' => '01900000-0000-7000-8000-000000000001', 'name' => 'yard.json', 'content' => $list];

    $this->putJson("/api/v1/attempts/$attempt->id/brakes/file", $body)
        ->assertOk()
        ->assertJsonPath('events.0.kind', 'engine');
});
