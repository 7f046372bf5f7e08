<?php

declare(strict_types=1);

use App\Models\Role;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
});

it('tells nobody apart from somebody', function (): void {
    $this->getJson('/api/v1/session')
        ->assertStatus(401)
        ->assertJsonPath('detail', 'Sign in first.')
        ->assertHeader('Content-Type', 'application/problem+json');
    $this->actingAs($this->yard->scorer)
        ->getJson('/api/v1/session')
        ->assertOk()
        ->assertJsonPath('role', 'instructor')
        ->assertJsonPath('school', 'Ferrow Sound Harbor College');
});

it('signs in, with capitals in the address, and out again', function (): void {
    $this->postJson('/api/v1/session', [
        'email' => mb_strtoupper($this->yard->scorer->email),
        'password' => 'walk-the-yard',
    ])
        ->assertOk()
        ->assertJsonPath('name', 'Rosa Kettering');
    $this->getJson('/api/v1/session')->assertOk();
    $this->deleteJson('/api/v1/session')->assertNoContent();
    $this->app['auth']->forgetGuards();
    $this->getJson('/api/v1/session')->assertUnauthorized();
});

it('gives the same words for a wrong address and a wrong password', function (): void {
    $wrongPassword = $this->postJson('/api/v1/session', ['email' => $this->yard->scorer->email, 'password' => 'no'])
        ->assertUnprocessable()
        ->json('detail');
    $wrongAddress = $this->postJson('/api/v1/session', [
        'email' => 'nobody@ferrow-sound.example',
        'password' => 'walk-the-yard',
    ])
        ->assertUnprocessable()
        ->json('detail');

    expect($wrongPassword)->toBe($wrongAddress);
});

it('names a field left empty', function (): void {
    $this->postJson('/api/v1/session', ['email' => ''])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.path', 'email')
        ->assertJsonPath('errors.1.message', 'Give your password.');
});

it('slows down guessing', function (): void {
    foreach (range(1, 5) as $try) {
        $this->postJson('/api/v1/session', [
            'email' => $this->yard->scorer->email,
            'password' => 'no'.$try,
        ])->assertUnprocessable();
    }
    $this->postJson('/api/v1/session', ['email' => $this->yard->scorer->email, 'password' => 'walk-the-yard'])
        ->assertTooManyRequests()
        ->assertJsonPath('detail', 'This was asked too often. Wait a minute, then try again.')
        ->assertHeader('Retry-After');
});

it('sends a new session id on signing in', function (): void {
    $this->get('/api/v1/session');
    $before = session()->getId();
    $this->postJson('/api/v1/session', [
        'email' => $this->yard->scorer->email,
        'password' => 'walk-the-yard',
    ])->assertOk();

    expect(session()->getId())->not->toBe($before);
});

it('answers in problems, whatever goes wrong', function (string $method, string $path, int $status): void {
    $this->actingAs($this->yard->scorer)
        ->json($method, $path)
        ->assertStatus($status)
        ->assertJsonStructure(['status', 'detail', 'errors'])
        ->assertJsonPath('status', $status);
})->with([
    'an unknown address' => ['GET', '/api/v1/nothing', 404],
    'an unknown student' => ['GET', '/api/v1/students/999999', 404],
    'an unknown attempt' => ['GET', '/api/v1/attempts/01900000-0000-7000-8000-00000000ffff', 404],
    'a method that is not there' => ['PUT', '/api/v1/today', 405],
]);

it('asks for a sign-in everywhere but at the door', function (string $method, string $path): void {
    $this->json($method, $path)->assertUnauthorized();
})->with([
    ['GET', '/api/v1/today'],
    ['GET', '/api/v1/choices'],
    ['GET', '/api/v1/prepared'],
    ['GET', '/api/v1/students'],
    ['GET', '/api/v1/students/1'],
    ['POST', '/api/v1/attempts'],
    ['GET', '/api/v1/attempts/01900000-0000-7000-8000-00000000ffff'],
    ['POST', '/api/v1/attempts/01900000-0000-7000-8000-00000000ffff/marks'],
    ['GET', '/api/v1/attempts/01900000-0000-7000-8000-00000000ffff/result'],
    ['DELETE', '/api/v1/session'],
]);

it('lets each role see what is theirs', function (Role $role, string $path, int $status): void {
    $this->actingAs($this->yard->person($role))->getJson($path)->assertStatus($status);
})->with([
    'an examiner starts attempts' => [Role::Examiner, '/api/v1/choices', 200],
    'a manager sees the students' => [Role::Manager, '/api/v1/students', 200],
    'a manager sees what a walk is set right with' => [Role::Manager, '/api/v1/choices', 200],
    'a student sees no list of students' => [Role::Student, '/api/v1/students', 403],
    'a student has no yard screen' => [Role::Student, '/api/v1/today', 403],
]);
