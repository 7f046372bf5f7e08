<?php

declare(strict_types=1);

use App\Models\Role;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    // Of the same name twice, and not in the order of their ids.
    foreach (['Zora', 'Abel', 'Abel', 'Mona', 'Émile', 'abel', 'Kira'] as $name) {
        $this->yard->student($name);
    }
    $this->actingAs($this->yard->scorer);
    /** @return list<int> ids, page after page */
    $this->all = function (int $limit): array {
        $ids = [];
        $address = "/api/v1/students?limit=$limit";
        for ($pages = 0; $address !== null && $pages < 20; $pages++) {
            $answer = $this->getJson($address)->assertOk();
            expect(count($answer->json()))->toBeLessThanOrEqual($limit);
            array_push($ids, ...array_column($answer->json(), 'id'));
            preg_match('/<([^>]+)>; rel="next"/', (string) $answer->headers->get('Link'), $next);
            $address = $next[1] ?? null;
        }

        return $ids;
    };
});

it('tells who works at the school in pages, too', function (): void {
    $this->actingAs($this->yard->person(Role::Manager, 'Paul Averdale'));
    foreach (['Zora', 'Abel'] as $name) {
        $this->yard->person(Role::Examiner, $name);
    }
    $first = $this->getJson('/api/v1/people?limit=3')->assertOk();
    preg_match('/<([^>]+)>/', (string) $first->headers->get('Link'), $next);
    $rest = $this->getJson($next[1])->assertOk()->assertHeaderMissing('Link');

    expect(array_column([...$first->json(), ...$rest->json()], 'name'))
        ->toBe(['Abel', 'Paul Averdale', 'Rosa Kettering', 'Zora']);
});

it('tells every row once, in one order, however long a page is', function (int $limit): void {
    $whole = array_column($this->getJson('/api/v1/students')->assertHeaderMissing('Link')->json(), 'id');

    expect(($this->all)($limit))->toBe($whole)
        ->and($whole)->toHaveCount($this->getJson('/api/v1/students/count')->assertOk()->json('count'));
})->with([1, 2, 3, 7, 500]);

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
