<?php

declare(strict_types=1);

use App\Models\DocumentKind;
use App\Models\Draft;
use App\Models\Role;
use App\Models\SchoolClass;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->school = $this->yard->school->id;
    // Of the same name twice, and not in the order of their ids.
    foreach (['Zora', 'Abel', 'Abel', 'Mona', 'Émile', 'abel', 'Kira'] as $name) {
        $this->yard->student($name);
    }
    $this->manager = $this->yard->person(Role::Manager, 'Paul Averdale');
    $this->actingAs($this->manager);
    /** Of each list its rows, in whatever its pages come. */
    $this->rows = static fn (TestResponse $answer): array => $answer->json('classes') ?? $answer->json();
    /** @return list<int|string> what tells the rows apart, page after page */
    $this->all = function (string $list, int $limit): array {
        $ids = [];
        $address = "/api/v1/$list?limit=$limit";
        for ($pages = 0; $address !== null && $pages < 20; $pages++) {
            $answer = $this->getJson($address)->assertOk();
            $rows = ($this->rows)($answer);
            expect(count($rows))->toBeLessThanOrEqual($limit);
            array_push($ids, ...array_map(
                static fn (array $row): int|string => $row['id'] ?? $row['slug'], $rows,
            ));
            preg_match('/<([^>]+)>; rel="next"/', (string) $answer->headers->get('Link'), $next);
            $address = $next[1] ?? null;
        }

        return $ids;
    };
    foreach (['Zora', 'Abel'] as $name) {
        $this->yard->person(Role::Examiner, $name);
    }
    foreach (['Week 2', 'Week 1', 'week 1b', 'Week 3'] as $name) {
        SchoolClass::query()->create(['school_id' => $this->school, 'name' => $name]);
    }
    // Two began in one second, and one is not finished.
    foreach (['2026-11-20 14:00', '2026-11-21 14:00', '2026-11-21 14:00', '2026-11-19 14:00'] as $at) {
        $this->yard->attempt(startedAt: $at);
    }
    foreach ([StoredChecklist::class, StoredVehicle::class] as $model) {
        $one = $model::ofSchool($this->school)->firstOrFail();
        foreach ([['second', 1], ['third', 1], ['third', 2]] as [$slug, $version]) {
            $one->replicate(['digest'])->fill(['slug' => $slug, 'version' => $version])->save();
        }
    }
    foreach (['b', 'a', 'a'] as $slug) {
        $id = (string) Str::uuid();
        Draft::query()->create([
            'id' => $id, 'school_id' => $this->school, 'user_id' => $this->manager->id, 'kind' => DocumentKind::Vehicle,
            'slug' => $slug, 'step' => 0,
        ]);
    }
});

dataset('lists', [
    'students' => ['students', 8],
    'people' => ['people', 4],
    'classes' => ['classes', 5],
    'attempts of a student' => ['students/{student}/attempts', 4],
    'checklists' => ['library/checklist', 3],
    'vehicles' => ['library/vehicle', 3],
    'drafts' => ['drafts', 3],
]);

it('tells every row once, in one order, however long a page is', function (string $list, int $count): void {
    $list = str_replace('{student}', (string) $this->yard->student->id, $list);
    $whole = ($this->all)($list, 500);

    expect($whole)->toHaveCount($count)->and(array_unique($whole))->toHaveCount($count);
    foreach ([1, 2, 3, $count] as $limit) {
        expect(($this->all)($list, $limit))->toBe($whole);
    }
    $this->getJson("/api/v1/$list/count")->assertOk()->assertExactJson(['count' => $count]);
})->with('lists');

it('says how long and how far a page may be', function (string $list): void {
    $list = str_replace('{student}', (string) $this->yard->student->id, $list);

    $this->getJson("/api/v1/$list?limit=501")->assertUnprocessable()->assertJsonPath('errors.0.path', 'limit');
    $this->getJson("/api/v1/$list?cursor=here")->assertUnprocessable()->assertJsonPath('errors.0.path', 'cursor');
})->with('lists');

it('has pages for every list that can grow, or says why one cannot', function (): void {
    $described = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true);
    $whole = [];
    foreach ($described['paths'] as $path => $methods) {
        $answer = $methods['get']['responses']['200']['content']['application/json']['schema'] ?? [];
        $asked = array_column($methods['get']['parameters'] ?? [], 'name');
        if (($answer['type'] ?? '') === 'array' && ! in_array('cursor', $asked, true)) {
            $whole[] = $path;
        }
    }

    expect($whole)->toBe([
        // Of one walk: what is said, seen and marked in it; or what is new since the last look.
        '/attempts/{attempt}/marks', '/attempts/{attempt}/agreement', '/attempts/{attempt}/sounds',
        '/attempts/{attempt}/utterances',
        // Real exams of one student.
        '/students/{student}/appointments',
        // Of one document.
        '/library/{kind}/{id}/changes',
        // The latest twelve, and what is new of one.
        '/students/{student}/rehearsals', '/students/{student}/rehearsals/{rehearsal}/utterances',
    ]);
});

describe('a student\'s record', function (): void {
    beforeEach(function (): void {
        foreach (range(1, 38) as $day) {
            $this->yard->attempt(startedAt: Carbon::parse('2026-09-01 09:00')->addDays($day)->toDateTimeString());
        }
        $this->of = '/api/v1/students/'.$this->yard->student->id;
    });

    it('brings the newest attempts, the oldest of them first, and where the older ones begin', function (): void {
        $record = $this->getJson($this->of)->assertOk();
        $days = array_column($record->json('attempts'), 'started_at');
        $older = $this->getJson($this->of.'/attempts?cursor='.urlencode($record->json('older')));

        expect($days)->toHaveCount(40)->and($days[39])->toStartWith('2026-11-21')
            ->and(array_column($older->json(), 'started_at'))->toBe([
                '2026-09-03T09:00:00Z', '2026-09-02T09:00:00Z',
            ]);
        $sorted = $days;
        sort($sorted);
        expect($days)->toBe($sorted);
    });

    it('asks no more of the database, however many attempts there are', function (): void {
        $asked = function (): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->getJson($this->of)->assertOk();

            return count(DB::getQueryLog());
        };
        $asked();
        $few = $asked();
        $this->yard->attempt(startedAt: '2026-08-01 09:00');

        expect($asked())->toBe($few);
    });
});

it('tells nobody of another school how many attempts there are', function (string $at): void {
    $this->actingAs((new Yard)->scorer)
        ->getJson("/api/v1/students/{$this->yard->student->id}/attempts$at")->assertNotFound();
})->with(['', '/count']);

it('leaves nobody out who was there all along, when somebody comes in between', function (): void {
    $first = $this->getJson('/api/v1/students?limit=3');
    preg_match('/<([^>]+)>/', (string) $first->headers->get('Link'), $next);
    $this->yard->student('Aaron');
    $rest = $this->getJson($next[1].'&limit=500')->json();

    expect(array_intersect(array_column($first->json(), 'id'), array_column($rest, 'id')))->toBe([])
        ->and(count($first->json()) + count($rest))
        ->toBe($this->getJson('/api/v1/students/count')->json('count') - 1);
});

it('says what is wrong with a page that is asked for', function (string $query, string $path): void {
    $this->getJson("/api/v1/students?$query")->assertUnprocessable()->assertJsonPath('errors.0.path', $path);
})->with([
    'none' => ['limit=0', 'limit'],
    'too many' => ['limit=501', 'limit'],
    'no number' => ['limit=many', 'limit'],
    'no place' => ['cursor=here', 'cursor'],
    'a list' => ['cursor[]=x', 'cursor'],
]);

it('counts nothing for a student', function (): void {
    $this->actingAs($this->yard->person(Role::Student))->getJson('/api/v1/students/count')->assertForbidden();
});
