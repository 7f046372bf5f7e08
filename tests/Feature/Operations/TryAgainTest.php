<?php

declare(strict_types=1);

use App\Database\Trouble;
use App\Http\Middleware\NameRequest;
use App\Http\Middleware\TryAgain;
use App\Models\Student;
use App\Operations\Counters;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Sleep;
use Predis\Connection\Resource\Exception\StreamInitException;
use Tests\Support\Yard;

function driverSays(string $message): PDOException
{
    return new PDOException("SQLSTATE[$message");
}

beforeEach(function (): void {
    Sleep::fake();
    $this->yard = new Yard;
    /** Fails so many times, then tells the student as a fresh read finds them. */
    $this->failing = function (int $times): void {
        $left = $times;
        Route::get('api/v1/trouble/{student}', static function (Student $student) use (&$left) {
            $student->name .= '!';
            $left-- > 0 && throw new QueryException('mariadb', 'update x', [], driverSays(
                '40001]: Serialization failure: 1213 Deadlock found when trying to get lock; try restarting',
            ));

            return ['name' => $student->name];
        })->middleware('web');
    };
});

it('begins a request anew that met a conflict, with what it reads read anew', function (): void {
    ($this->failing)(2);
    $this->getJson('/api/v1/trouble/'.$this->yard->student->id)
        ->assertOk()
        ->assertExactJson(['name' => $this->yard->student->name.'!']);
    Sleep::assertSleptTimes(2);

    expect(app(Counters::class)->all()['tried_again_total{why="conflict"}'])->toBe(2);
});

it('says after the last try that it may be sent again, with its number', function (): void {
    ($this->failing)(100);
    $answer = $this->getJson('/api/v1/trouble/'.$this->yard->student->id)
        ->assertStatus(503)
        ->assertHeader('Retry-After')
        ->assertJsonPath('type', '/problems/unavailable');
    Sleep::assertSleptTimes(count(TryAgain::PAUSES_MS));

    expect($answer->json('request_id'))->toMatch('/^[0-9a-f]{32}$/')
        ->toBe($answer->headers->get(NameRequest::HEADER));
});

it('gives every request a number that nobody outside can choose', function (): void {
    $one = $this->getJson('/up', ['X-Request-Id' => str_repeat('a', 32)])->headers->get(NameRequest::HEADER);
    $two = $this->getJson('/up')->headers->get(NameRequest::HEADER);
    $named = $this->withServerVariables(['PASADA_REQUEST_ID' => str_repeat('b', 32)])->getJson('/up');
    $hostile = $this->withServerVariables(['PASADA_REQUEST_ID' => "x\nSet-Cookie: y"])->getJson('/up');

    expect($one)->not->toBe(str_repeat('a', 32))->not->toBe($two)
        ->and($named->headers->get(NameRequest::HEADER))->toBe(str_repeat('b', 32))
        ->and($hostile->headers->get(NameRequest::HEADER))->toMatch('/^[0-9a-f]{32}$/');
});

it('tells what may be over in a moment from what is wrong', function (Throwable $why, ?Trouble $trouble): void {
    expect(Trouble::of($why))->toBe($trouble);
})->with([
    'refused' => [fn () => driverSays('HY000] [2002] Connection refused'), Trouble::Away],
    'gone away' => [fn () => driverSays('HY000]: General error: 2006 MySQL server has gone away'), Trouble::Away],
    'out of step' => [
        fn () => driverSays('08S01]: Communication link failure: 1047 WSREP has not yet prepared node'), Trouble::Away,
    ],
    'changed elsewhere first' => [
        fn () => driverSays('40001]: Serialization failure: 1213 Deadlock found'), Trouble::Conflict,
    ],
    'a lock not had in time' => [
        fn () => driverSays('HY000]: General error: 1205 Lock wait timeout'), Trouble::Conflict,
    ],
    'a store that is away' => [fn () => new StreamInitException('Connection refused', 111), Trouble::Away],
    'a key that is there already' => [
        fn () => driverSays('23000]: Integrity constraint violation: 1062 Duplicate'), null,
    ],
    'a fault of ours' => [fn () => new TypeError('2002'), null],
]);
