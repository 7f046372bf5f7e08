<?php

declare(strict_types=1);

use App\Models\Draft;
use App\Models\StoredChecklist;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Yard;

// What answers cost the database, however much a school has.
beforeEach(function (): void {
    $this->yard = new Yard;
    $this->actingAs($this->yard->scorer);
    /** @return list<string> the SQL that a request runs */
    $this->asked = static function (Closure $request): array {
        $asked = [];
        DB::listen(static function (QueryExecuted $query) use (&$asked): void {
            $asked[] = $query->sql;
        });
        $request();

        return $asked;
    };
});

it('writes no session where nothing is new, and else once a minute', function (): void {
    // Old sessions are swept away by chance, two times in a hundred.
    config(['session.lottery' => [0, 100]]);
    config(['session.driver' => 'database']);
    $path = '/api/v1/attempts/'.$this->yard->attempt()->id.'/sheet';
    $tag = (string) $this->getJson($path)->assertOk()->headers->get('ETag');
    $poll = fn (string $tag): array => ($this->asked)(fn () => $this->getJson($path, ['If-None-Match' => $tag]));
    $writes = static fn (array $asked): array => array_values(
        array_filter($asked, static fn (string $sql): bool => preg_match('/^(insert|update|delete)/', $sql) === 1),
    );

    expect($writes($poll($tag)))->toBe([])
        ->and($writes($poll('"of another day"')))->toBe([]);
    $this->travel(61)->seconds();

    expect($writes($poll($tag)))->toBe([])
        // So that whoever watches stays signed in.
        ->and($writes($poll('"of another day"')))->not->toBe([]);
});

it('lists the library without its documents, with as many queries for many drafts as for one', function (): void {
    $draft = fn (): mixed => $this->postJson('/api/v1/drafts', [
        'kind' => 'checklist',
        'base_id' => $this->yard->checklist->id,
        'as_new' => true,
    ])->assertCreated();
    $read = fn (): array => ($this->asked)(fn () => $this->getJson('/api/v1/library')->assertOk());
    $draft();
    $forOne = $read();
    $draft();
    $draft();

    expect($read())->toHaveCount(count($forOne))
        ->and(implode("\n", $forOne))
        ->not->toMatch('/select \* from `(checklists|vehicles)`/')
        ->and($this->getJson('/api/v1/library')->json('drafts.*.name'))
        ->toHaveCount(3)
        ->each->toBe('Copy of '.$this->yard->checklist->name);
});

it('loads only the versions in force, however many came before', function (): void {
    $now = $this->yard->today();
    foreach ([2, 3, 4] as $version) {
        StoredChecklist::query()->create([
            ...$this->yard->checklist->only(['school_id', 'slug', 'name', 'document']),
            'version' => $version,
            'in_force_from' => $now->toDateString(),
        ]);
    }

    expect(StoredChecklist::inForceOn($this->yard->school->id, $now)->pluck('version')->all())->toBe([4]);
});

it('refers to nothing that is not there', function (Closure $refer): void {
    expect(fn (): mixed => $refer($this->yard))->toThrow(QueryException::class, 'foreign key constraint fails');
})->with([
    'a walk to the walk of another scorer' => [
        static fn (Yard $yard): mixed => $yard->attempt()->update(['walk_of' => (string) Str::uuid7()]),
    ],
    'a draft to the version it was made from' => [
        static fn (Yard $yard): mixed => Draft::query()->create([
            'id' => (string) Str::uuid7(),
            'school_id' => $yard->school->id,
            'user_id' => $yard->scorer->id,
            'kind' => 'checklist',
            'slug' => 'none',
            'checklist_id' => $yard->checklist->id + 1000,
            'step' => 0,
        ]),
    ],
]);
