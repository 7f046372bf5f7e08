<?php

declare(strict_types=1);

use App\Http\Middleware\LimitBody;
use App\Library\HiddenFaults;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\QueryException;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Pasada\Core\Brakes\Air\CabFault;
use Tests\Support\Fuzz;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard();
    $this->signIn = fn (
        mixed $email,
        mixed $password,
        string $address = '10.0.0.1',
    ): TestResponse => $this->withServerVariables(['REMOTE_ADDR' => $address])->postJson('/api/v1/session', [
        'email' => $email,
        'password' => $password,
    ]);
});

describe('a body', function (): void {
    it('that is larger than its route takes is refused before anything reads it', function (
        string $method,
        string $path,
        int $bytes,
    ): void {
        $attempt = $this->yard->attempt();
        // Nobody's walk: were it read first, this would be forbidden, or not JSON.
        $this->actingAs($this->yard->person(Role::Student))
            ->call(
                $method,
                str_replace('{attempt}', $attempt->id, "/api/v1/$path"),
                server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                content: str_repeat('x', $bytes + 1),
            )
            ->assertStatus(413)
            ->assertJsonPath('type', '/problems/too-large');
    })->with([
        'phrases' => ['PUT', 'school/phrases', LimitBody::SMALL],
        'an attempt' => ['POST', 'attempts', LimitBody::SMALL],
        'a fault' => ['POST', 'air/fault', LimitBody::SMALL],
        'marks' => ['POST', 'attempts/{attempt}/marks', LimitBody::LIST],
        'strokes' => ['POST', 'attempts/{attempt}/signatures', LimitBody::LIST],
        'live pieces' => ['POST', 'attempts/{attempt}/heard', LimitBody::LIST],
        'air practice' => ['POST', 'air/practices', LimitBody::LIST],
        'captions' => ['PUT', 'attempts/{attempt}/recording', LimitBody::FILE],
        'a record' => ['POST', 'records', LimitBody::FILE],
    ]);

    it('of somebody without a session is read only if it is small', function (): void {
        $this->unencryptedCookies = [];
        $this->postJson('/api/v1/records', ['record' => str_repeat('x', LimitBody::SMALL)])->assertStatus(413);
    });

    it('is looked at after whose it is', function (string $method, string $path): void {
        $attempt = $this->yard->attempt();
        $this->actingAs($this->yard->person(Role::Examiner))
            ->json($method, "/api/v1/attempts/$attempt->id/$path", ['nothing' => 'right'])
            ->assertForbidden();
    })->with([
        ['POST', 'marks'], ['POST', 'signatures'], ['POST', 'amendments'], ['POST', 'brakes'], ['PUT', 'brakes/file'],
        ['PUT', 'recording'], ['POST', 'recording/turned-down'], ['POST', 'heard'], ['PUT', 'live'],
    ]);

    it('too deep, cut short or with half a character is malformed', function (string $body): void {
        $this->actingAs($this->yard->scorer)
            ->call(
                'POST',
                '/api/v1/attempts',
                server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                content: $body,
            )
            ->assertStatus(400)
            ->assertJsonPath('type', '/problems/malformed');
    })->with([
        'deep' => [str_repeat('[', 600).str_repeat(']', 600)],
        'short' => ['{"id": '],
        'half a character' => ['{"id": "\ud800"}'],
    ]);
});

describe('signing in', function (): void {
    it('asks for text, and names the place', function (): void {
        ($this->signIn)(['x'], 'secret')->assertUnprocessable()->assertJsonPath('errors.0.path', 'email');
        ($this->signIn)('rosa@ferrow-sound.example', ['x'])->assertUnprocessable();
    });

    it('is slowed down by the account that the database finds, however its name is written', function (): void {
        $this->yard->scorer->update(['email' => 'rosa@ferrow-sound.example']);
        foreach (
            [
                'rosa@ferrow-sound.example', 'ROSA@ferrow-sound.example', 'rósa@ferrow-sound.example',
                'rosa@ferrow-sound.example ', 'Rosa@Ferrow-Sound.example',
            ] as $n => $name
        ) {
            ($this->signIn)($name, 'wrong', "10.0.1.$n")->assertUnprocessable();
        }
        ($this->signIn)('rosà@ferrow-sound.example', 'wrong', '10.0.1.9')
            ->assertStatus(429)
            ->assertJsonPath('type', '/problems/too-many');
    });

    it('is open to whoever is known at an address, whatever others try there', function (): void {
        $this->yard->scorer->update(['email' => 'rosa@ferrow-sound.example']);
        ($this->signIn)('rosa@ferrow-sound.example', 'walk-the-yard')->assertOk();
        $this->app['auth']->forgetGuards();
        foreach (range(1, 60) as $n) {
            ($this->signIn)("guess$n@ferrow-sound.example", 'wrong');
        }
        ($this->signIn)('guess@ferrow-sound.example', 'wrong')->assertStatus(429);
        ($this->signIn)('rosa@ferrow-sound.example', 'walk-the-yard')->assertOk();
    });

    it('does not believe a request about where it comes from, unless a proxy is trusted', function (): void {
        $try = fn (int $n): TestResponse => $this->withServerVariables(['REMOTE_ADDR' => '10.9.9.9'])->postJson(
            '/api/v1/session',
            ['email' => "guess$n@ferrow-sound.example", 'password' => 'wrong'],
            ['X-Forwarded-For' => "10.1.1.$n"],
        );
        foreach (range(1, 60) as $n) {
            $try($n)->assertUnprocessable();
        }
        $try(61)->assertStatus(429);
        TrustProxies::at(['10.9.9.9']);
        $try(62)->assertUnprocessable();
        TrustProxies::flushState();
    });

    it('takes as long for a name that nobody has', function (): void {
        $this->yard->scorer->update(['email' => 'rosa@ferrow-sound.example']);
        $hashed = 0;
        $real = app(Illuminate\Contracts\Hashing\Hasher::class);
        $this->app->instance(Illuminate\Contracts\Hashing\Hasher::class, $spy = Mockery::mock($real)->makePartial());
        $spy->shouldReceive('make')->once()->andReturnUsing(function () use (&$hashed): string {
            $hashed++;

            return '';
        });
        ($this->signIn)('nobody@ferrow-sound.example', 'wrong')->assertUnprocessable();
        expect($hashed)->toBe(1);
    });
});

describe('a session', function (): void {
    beforeEach(function (): void {
        $this->yard->scorer->update(['email' => 'rosa@ferrow-sound.example']);
        ($this->signIn)('rosa@ferrow-sound.example', 'walk-the-yard')->assertOk();
        $this->getJson('/api/v1/session')->assertOk();
    });

    it('ends a day after the sign-in, however much it is used', function (): void {
        Carbon::setTestNow(now()->addHours(23));
        $this->getJson('/api/v1/session')->assertOk();
        Carbon::setTestNow(now()->addHours(2));
        $this->getJson('/api/v1/session')->assertUnauthorized()->assertJsonPath('type', '/problems/signed-out');
        Carbon::setTestNow();
    });

    it('begins anew with every sign-in, as long as a day and with the password of the day', function (): void {
        User::query()->findOrFail($this->yard->scorer->id)->update(['password' => 'another-yard']);
        $this->app['auth']->forgetGuards();
        ($this->signIn)('rosa@ferrow-sound.example', 'another-yard')->assertOk();
        $this->getJson('/api/v1/session')->assertOk();
    });

    it('ends when the password is changed', function (): void {
        User::query()->findOrFail($this->yard->scorer->id)->update(['password' => 'another-yard']);
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/v1/session')->assertUnauthorized();
    });
});

describe('what is hidden', function (): void {
    beforeEach(function (): void {
        $this->body = [
            'vehicle_id' => $this->yard->vehicle->id,
            'checklist_id' => $this->yard->checklist->id,
            'start_psi' => 90,
            'until_ms' => 1000,
            'controls' => [],
            'keep' => true,
        ];
        $this->actingAs($this->yard->scorer);
    });

    it('opens only what was sealed for it, and repeats nothing', function (string $sealed): void {
        $this->postJson('/api/v1/air/practices', [...$this->body, 'faults' => $sealed])
            ->assertUnprocessable()
            ->assertDontSee('secret', false)
            ->assertSee('were not sealed by this Pasada');
    })->with([
        'a cookie' => [fn (): string => Crypt::encryptString('secret of another kind')],
        'made up' => ['secret'],
        'a fault that is none' => [fn (): string => Crypt::encryptString('hidden-fault:secret')],
        'bare' => [fn (): string => Crypt::encryptString('governor-low')],
    ]);

    it('seals what it opens', function (): void {
        expect(HiddenFaults::fault(HiddenFaults::seal(CabFault::GovernorLow)))->toBe(CabFault::GovernorLow);
    });
});

describe('practices in the cab', function (): void {
    beforeEach(function (): void {
        $this->actingAs($this->yard->scorer);
        $this->body = fn (array $controls): array => [
            'vehicle_id' => $this->yard->vehicle->id,
            'checklist_id' => $this->yard->checklist->id,
            'start_psi' => 90,
            'until_ms' => 1000,
            'controls' => $controls,
            'keep' => true,
        ];
    });

    it('end after half an hour', function (): void {
        $this->postJson('/api/v1/air/practices', ($this->body)([['at_ms' => 1_800_001, 'kind' => 'key', 'to' => 'on']]))
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.path', 'controls[0].at_ms');
    });

    it('are kept once when they are sent twice', function (): void {
        $body = [...($this->body)([]), 'id' => (string) Str::uuid7()];
        $first = $this->postJson('/api/v1/air/practices', $body)->assertCreated()->json();
        expect($this->postJson('/api/v1/air/practices', $body)->assertCreated()->json())
            ->toEqual($first)
            ->and(DB::table('brake_practices')->count())
            ->toBe(1);
    });

    it('are kept to the newest', function (): void {
        DB::table('brake_practices')->insert(
            array_fill(0, 205, [
                'user_id' => $this->yard->scorer->id,
                'vehicle_id' => $this->yard->vehicle->id,
                'checklist_id' => $this->yard->checklist->id,
                'help' => 'alone',
                'standing' => 'open',
                'controls' => '[]',
            ]),
        );
        $this->postJson('/api/v1/air/practices', ($this->body)([]))->assertCreated();
        expect(DB::table('brake_practices')->count())->toBe(200);
    });
});

it('says that the database is away, and when to ask again', function (): void {
    $port = config('database.connections.mariadb.port');
    config(['database.connections.mariadb.port' => 1]);
    DB::purge();
    try {
        $this->getJson('/api/v1/about')
            ->assertStatus(503)
            ->assertHeader('Retry-After', '5')
            ->assertJsonPath('type', '/problems/unavailable');
    } finally {
        config(['database.connections.mariadb.port' => $port]);
        DB::purge();
    }
});

it('writes no value of a query into the log', function (): void {
    $log = tempnam(sys_get_temp_dir(), 'pasada-log-');
    config(['logging.default' => 'single', 'logging.channels.single' => ['driver' => 'single', 'path' => $log]]);
    try {
        DB::table('users')->insert(['name' => 'Mira Tallgrass', 'nothing' => 'secret']);
    } catch (QueryException $fault) {
        report($fault);
    }
    $told = (string) file_get_contents((string) $log);
    unlink((string) $log);

    expect($told)
        ->toContain('A query failed.')
        ->toContain('insert into `users`')
        ->not->toContain('Mira Tallgrass')
        ->not->toContain('secret');
});

it('tells the kinds of conflict apart', function (): void {
    $attempt = $this->yard->attempt();
    $this->actingAs($this->yard->scorer);
    $mark = ['id' => (string) Str::uuid7(), 'at_ms' => 1, 'kind' => 'heard_whole', 'item' => 'cab.seat_belt'];
    $send = fn (array $mark): TestResponse => $this->postJson("/api/v1/attempts/$attempt->id/marks", [
        'recorder' => (string) Str::uuid7(),
        'marks' => [$mark],
    ]);
    $send($mark)->assertOk();
    $send([...$mark, 'at_ms' => 2])
        ->assertConflict()
        ->assertJsonPath('type', '/problems/content-conflict');
    $this->postJson("/api/v1/attempts/$attempt->id/amendments", [
        'id' => (string) Str::uuid7(),
        'reason' => 'too early',
        'marks' => [$mark],
    ])
        ->assertConflict()
        ->assertJsonPath('type', '/problems/record-open');
    $this->yard->finish($attempt);
    $send([...$mark, 'id' => (string) Str::uuid7()])
        ->assertConflict()
        ->assertJsonPath('type', '/problems/record-closed');
    $this->postJson('/api/v1/attempts', [
        ...$this->yard->startBody(),
        'id' => $attempt->id,
        'student_id' => $this->yard->student('Odell Marrowby')->id,
    ])
        ->assertConflict()
        ->assertJsonPath('type', '/problems/id-taken');
});

it('answers whatever is sent with words of our own and no failure, and stores nothing by half', function (): void {
    $attempt = $this->yard->attempt();
    $draft = $this->actingAs($this->yard->person(Role::Manager))
        ->postJson('/api/v1/drafts', ['kind' => 'checklist', 'base_id' => $this->yard->checklist->id])
        ->json('id');
    $fuzz = Fuzz::over(20261126, [
        'attempt' => [$attempt->id],
        'draft' => [$draft],
        'student' => [(string) $this->yard->student->id],
        'student_id' => [(string) $this->yard->student->id],
        'vehicle_id' => [(string) $this->yard->vehicle->id],
        'checklist_id' => [(string) $this->yard->checklist->id],
        'base_id' => [(string) $this->yard->checklist->id],
        'kind' => ['checklist', 'vehicle'],
        'id' => [(string) $this->yard->checklist->id],
    ]);
    // Limits would hide what they keep out.
    config(['pasada.requests_per_minute' => 100_000]);
    $people = [$this->yard->scorer, $this->yard->person(Role::Manager), $this->yard->person(Role::Student)];
    for ($n = 0; $n < 150; $n++) {
        [$method, $address, $body] = $fuzz->request();
        $answer = $this->actingAs($people[$n % 3])->call(
            $method,
            $address,
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: $body,
        );
        $told = sprintf(
            '%d: %s %s %s answered %d %s', $n, $method, $address, substr($body, 0, 2000), $answer->getStatusCode(),
            substr((string) $answer->getContent(), 0, 300),
        );
        expect($answer->getStatusCode())->toBeLessThan(500, $told);
        if ($answer->getStatusCode() >= 400) {
            expect(preg_match('/^The .* (field|must)|^validation\./', (string) $answer->json('detail')), $told)
                ->toBe(0)
                ->and($answer->json('type'), $told)
                ->toStartWith('/problems/');
        }
    }
    // A status goes with what it needs: one without the other would be half a change.
    foreach (Attempt::query()->get() as $kept) {
        expect([$kept->discard_reason !== null, $kept->discarded_at !== null])
            ->each->toBe($kept->status === AttemptStatus::Discarded)
            ->and([$kept->void_reason !== null, $kept->voided_at !== null])
            ->each->toBe($kept->status === AttemptStatus::Void);
    }
    expect(DB::table('draft_steps')->whereNotIn('draft_id', DB::table('drafts')->select('id'))->count())->toBe(0);
});
