<?php

declare(strict_types=1);

use App\Export\PersonArchive;
use App\Models\Attempt;
use App\Models\LegalHold;
use App\Models\Role;
use App\Models\Sound\SoundState;
use App\Models\Sound\Utterance;
use App\Models\Sound\WalkSound;
use App\Models\Student;
use App\Sound\ForgetSound;
use App\Sound\SoundPieces;
use App\Sound\SoundStore;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Pasada\Core\Speech\HeardPiece;
use Pasada\Core\Speech\HeardWord;
use Pasada\Core\Speech\Recognizer;
use Symfony\Component\Process\Process;
use Tests\Support\Yard;

// The sound of a walk, from the first piece to the last day. The recognizer is the real one.

beforeEach(function (): void {
    Storage::fake('local');
    $this->yard = new Yard;
    $this->yard->school->update(['keeps_sound' => true]);
    $this->yard->student->update(['sound_agreed_at' => Carbon::now(), 'sound_agreed_by' => $this->yard->scorer->id]);
    $this->attempt = $this->yard->attempt();
    $this->sound = (string) Str::uuid7();
    $this->recorder = (string) Str::uuid7();
    $this->path = "/api/v1/attempts/{$this->attempt->id}/sounds/$this->sound";
    $this->actingAs($this->yard->scorer);
});

/** @return string what a voice says, as a recorder of a browser writes it (Opus in WebM), or as samples alone */
function spoken(string $text, string $as = 'webm'): string
{
    $file = sys_get_temp_dir().'/pasada-spoken-'.bin2hex(random_bytes(6));
    (new Process(['flite', '-voice', 'rms', '-t', $text, '-o', "$file.wav"]))->mustRun();
    (new Process($as === 'webm'
        ? ['ffmpeg', '-v', 'error', '-i', "$file.wav", '-c:a', 'libopus', '-live', '1', "$file.$as"]
        : ['sox', "$file.wav", '-r', '16000', '-c', '1', '-b', '16', '-e', 'signed', "$file.raw"]))->mustRun();
    $bytes = (string) file_get_contents($as === 'webm' ? "$file.webm" : "$file.raw");
    array_map(unlink(...), (array) glob("$file.*"));

    return $bytes;
}

function began(int $fromMs = 5000): TestResponse
{
    return test()->putJson(test()->path, [
        'recorder' => test()->recorder, 'from_ms' => $fromMs, 'kind' => 'audio/webm;codecs=opus',
    ]);
}

function piece(int $position, string $bytes): TestResponse
{
    return test()->call(
        'PUT', test()->path."/pieces/$position", server: ['CONTENT_TYPE' => 'application/octet-stream',
            'HTTP_ACCEPT' => 'application/json'], content: $bytes,
    );
}

/** Sends all of it and has it heard. */
function sent(string $bytes): TestResponse
{
    began()->assertOk();
    $pieces = str_split($bytes, 3000);
    foreach ($pieces as $n => $one) {
        piece($n, $one)->assertNoContent();
    }

    return test()->postJson(test()->path.'/end', ['pieces' => count($pieces)]);
}

it('hears a recording, says when each item was said, and proposes it while the walk is open', function (): void {
    sent(spoken('my seat belt is securely mounted and it is not cut or frayed.'))->assertNoContent();
    $told = $this->getJson("/api/v1/attempts/{$this->attempt->id}/sounds")->assertOk()->json(0);

    expect($told['state'])->toBe('heard')->and($told['lasts_ms'])->toBeGreaterThan(2500)->toBeLessThan(6000)
        ->and(max($told['strip']))->toBeGreaterThan(0.01)
        ->and(array_column($told['said'], 'item'))->toContain('cab.seat_belt')
        ->and($told['said'][0]['at_ms'][0])->toBeGreaterThanOrEqual(5000)->toBeLessThan(8000)
        ->and($this->getJson("/api/v1/attempts/{$this->attempt->id}/recording")->json('suggestions.0.item'))
        ->toBe('cab.seat_belt');
});

it('hears what comes after the walk, beside the closed record', function (): void {
    $this->yard->finish($this->attempt);
    sent(spoken('my seat belt is securely mounted.'))->assertNoContent();

    expect(WalkSound::query()->findOrFail($this->sound)->said)->toHaveKey('cab.seat_belt');
    $this->getJson("/api/v1/attempts/{$this->attempt->id}/recording")->assertNoContent();
});

it('plays it whole or in ranges, and nobody reads it from the disk', function (): void {
    sent(spoken('my seat belt is securely mounted.'));
    $all = $this->get($this->path.'/file')->assertOk()->assertHeader('Content-Type', 'audio/webm;codecs=opus');
    $bytes = $all->streamedContent();
    $part = $this->get($this->path.'/file', ['Range' => 'bytes=100-199'])->assertStatus(206)
        ->assertHeader('Content-Range', 'bytes 100-199/'.strlen($bytes));
    $last = $this->get($this->path.'/file', ['Range' => 'bytes=-50']);

    expect(strlen($bytes))->toBe((int) $all->headers->get('Content-Length'))
        ->and($part->streamedContent())->toBe(substr($bytes, 100, 100))
        ->and($last->streamedContent())->toBe(substr($bytes, -50))
        // The head of the WebM format.
        ->and(bin2hex(substr($bytes, 0, 4)))->toBe('1a45dfa3');
    $this->get($this->path.'/file', ['Range' => 'bytes=9999999-'])->assertStatus(416);
    foreach (Storage::disk('local')->allFiles('sounds') as $file) {
        expect(Storage::disk('local')->get($file))->not->toContain(substr($bytes, 0, 16));
    }
});

it('takes each piece once and in order', function (): void {
    began()->assertOk();
    began()->assertOk();
    piece(0, 'first')->assertNoContent();
    piece(0, 'first')->assertNoContent();
    piece(0, 'other')->assertConflict()->assertJsonPath('detail', fn (string $why): bool => str_contains($why, 'kept'));
    piece(2, 'third')->assertConflict()
        ->assertJsonPath('detail', fn (string $why): bool => str_contains($why, '1 is next'));
    piece(1, '')->assertUnprocessable();
    $this->postJson($this->path.'/end', ['pieces' => 2])->assertConflict();
    $this->postJson($this->path.'/end', ['pieces' => 0])->assertUnprocessable();

    expect(DB::table('sound_pieces')->count())->toBe(1)
        ->and(WalkSound::query()->findOrFail($this->sound)->state)->toBe(SoundState::Arriving);
});

it('hears nothing in digital silence, says nothing, and proposes nothing', function (): void {
    $file = sys_get_temp_dir().'/pasada-silence-'.bin2hex(random_bytes(6)).'.wav';
    (new Process(['sox', '-n', '-r', '16000', $file, 'trim', '0', '3']))->mustRun();
    sent((string) file_get_contents($file))->assertNoContent();
    unlink($file);
    $told = $this->getJson("/api/v1/attempts/{$this->attempt->id}/sounds")->json(0);

    expect([$told['state'], $told['said'], $told['why']])->toBe(['heard', [], null]);
    $this->getJson("/api/v1/attempts/{$this->attempt->id}/recording")->assertNoContent();
});

it('says so when it is no sound, and keeps it', function (): void {
    sent('This is a text and no sound at all.')->assertNoContent();
    $told = $this->getJson("/api/v1/attempts/{$this->attempt->id}/sounds")->json(0);

    expect($told['state'])->toBe('failed')->and($told['why'])->toContain('no sound that can be read')
        ->and($this->get($this->path.'/file')->streamedContent())->toBe('This is a text and no sound at all.');
});

it('refuses sound where nobody agreed to it', function (bool $keeps, bool $agrees): void {
    $this->yard->school->update(['keeps_sound' => $keeps]);
    $agrees || $this->yard->student->update(['sound_agreed_at' => null]);
    began()->assertForbidden();
    $this->call('PUT', "/api/v1/attempts/{$this->attempt->id}/utterances/".Str::uuid7()
        ."?recorder=$this->recorder&from_ms=0", server: ['HTTP_ACCEPT' => 'application/json'], content: 'ab')
        ->assertForbidden();

    expect($this->getJson("/api/v1/attempts/{$this->attempt->id}")->json('may_record'))->toBeFalse()
        ->and(WalkSound::query()->count())->toBe(0);
})->with([
    'a school that keeps none' => [false, true], 'a student who did not agree' => [true, false],
]);

it('refuses what is malformed', function (array $change): void {
    $this->putJson($this->path, [
        'recorder' => $this->recorder, 'from_ms' => 0, 'kind' => 'audio/webm', ...$change,
    ])->assertUnprocessable();
})->with([
    'a video' => [['kind' => 'video/webm']], 'no kind' => [['kind' => '']],
    'a time before the walk' => [['from_ms' => -1]],
    'a recorder without an id' => [['recorder' => 'mine']],
]);

it('hears an utterance at once, keeps its words with their times, and lets its sound go', function (): void {
    $id = (string) Str::uuid7();
    $say = fn (string $sound): TestResponse => $this->call(
        'PUT', "/api/v1/attempts/{$this->attempt->id}/utterances/$id?recorder=$this->recorder&from_ms=30000",
        cookies: [config('session.cookie') => 'mine'], content: $sound,
        server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/octet-stream'],
    );
    $sound = spoken('my seat belt is securely mounted.', 'raw');
    $say($sound)->assertNoContent();
    $say($sound)->assertNoContent();
    $say('another')->assertUnprocessable();
    $say('other!')->assertConflict();
    $list = "/api/v1/attempts/{$this->attempt->id}/utterances?recorder=";
    $told = $this->getJson($list.$this->recorder)->json();

    expect($told)->toHaveCount(1)->and($told[0]['state'])->toBe('heard')
        ->and($told[0]['pieces'][0]['text'])->toContain('seat')
        ->and($told[0]['pieces'][0]['from_ms'])->toBeGreaterThanOrEqual(30000)->toBeLessThan(31000)
        ->and(Storage::disk('local')->allFiles('sounds'))->toBe([])
        ->and($this->getJson($list.Str::uuid7())->json())->toBe([]);
});

it('lets the student hear their own walk, and puts every hearing by others into the trail', function (): void {
    sent(spoken('tight.'));
    $this->yard->finish($this->attempt);
    $own = $this->yard->person(Role::Student);
    $this->yard->student->update(['user_id' => $own->id]);
    $heard = fn (): int => DB::table('trail')->where('kind', 'sound')->where('did', 'viewed')->count();
    $this->get($this->path.'/file')->assertOk();
    $this->actingAs($own)->get($this->path.'/file')->assertOk();
    expect($heard())->toBe(0);
    $this->actingAs($this->yard->person(Role::Manager))->get($this->path.'/file')->assertOk();
    expect($heard())->toBe(1);
    $this->actingAs($this->yard->person(Role::Student, 'Somebody Else'))->get($this->path.'/file')->assertNotFound();
});

it('deletes for good what is over or no longer agreed to, and says so', function (string $how, bool $goes): void {
    sent(spoken('tight.'));
    $consent = "/api/v1/students/{$this->yard->student->id}/sound";
    match ($how) {
        'consent' => $this->putJson($consent, ['agrees' => false])->assertOk(),
        'held' => LegalHold::query()->create([
            'school_id' => $this->yard->school->id, 'student_id' => $this->yard->student->id, 'reason' => 'dispute',
            'set_by' => $this->yard->scorer->id, 'set_at' => Carbon::now(),
        ]),
        default => null,
    };
    app(ForgetSound::class)->old(Carbon::now()->addDays($how === 'too early' ? 89 : 91));
    $told = $this->getJson("/api/v1/attempts/{$this->attempt->id}/sounds")->json(0);

    expect($told['state'])->toBe($goes ? 'deleted' : 'heard')
        ->and(Storage::disk('local')->allFiles('sounds') === [])->toBe($goes)
        ->and(DB::table('trail')->where('kind', 'sound')->where('did', 'erased')->count())->toBe((int) $goes);
    $goes ? $this->get($this->path.'/file')->assertNotFound() : $this->get($this->path.'/file')->assertOk();
})->with([
    'its days are over' => ['days', true], 'the consent is taken back' => ['consent', true],
    'a day too early' => ['too early', false], 'there is a dispute' => ['held', false],
]);

it('keeps what came when a worker dies while it lays it out', function (): void {
    config(['queue.default' => 'database']);
    $bytes = spoken('my seat belt is securely mounted.');
    sent($bytes)->assertNoContent();
    $sound = WalkSound::query()->findOrFail($this->sound);
    $pieces = app(SoundPieces::class);
    $file = (string) tempnam(sys_get_temp_dir(), 'pasada-laid-');
    file_put_contents($file, str_repeat('anew', 100_000));
    try {
        DB::transaction(function () use ($pieces, $sound, $file): void {
            $pieces->replace($sound, $file);
            throw new LogicException('killed');
        });
    } catch (LogicException) {
        // Rows come back with the transaction; the files have to be there as well.
    }
    unlink($file);

    expect(implode('', [...$pieces->read($sound, 0, strlen($bytes) - 1)]))->toBe($bytes);
});

it('brings nothing back that was deleted while it was heard', function (): void {
    $this->app->bind(Recognizer::class, fn (): Recognizer => new class($this->yard->student) implements Recognizer
    {
        public function __construct(private Student $student) {}

        public function recognize(string $sound, string $language): array
        {
            // The student takes the consent back in this very moment.
            app(ForgetSound::class)->ofStudent($this->student, Carbon::now());

            return [new HeardPiece([new HeardWord('tight', 0, 400, 1.0)])];
        }
    });
    Utterance::query()->create([
        'id' => (string) Str::uuid7(), 'attempt_id' => $this->attempt->id, 'user_id' => $this->yard->scorer->id,
        'recorder' => (string) Str::uuid7(), 'from_ms' => 0, 'state' => SoundState::Heard,
        'digest' => str_repeat('0', 64), 'received_at' => Carbon::now(),
    ]);
    sent(spoken('tight.'))->assertNoContent();
    $sound = WalkSound::query()->findOrFail($this->sound);

    expect($sound->state)->toBe(SoundState::Deleted)->and($sound->heard)->toBeNull()
        ->and(Storage::disk('local')->allFiles('sounds'))->toBe([])->and(Utterance::query()->count())->toBe(0);
    $this->getJson("/api/v1/attempts/{$this->attempt->id}/recording")->assertNoContent();
});

it('goes with all that is known of a person', function (): void {
    sent(spoken('tight.'));
    $file = app(PersonArchive::class)->of($this->yard->student, Carbon::now());
    $zip = new ZipArchive;
    $zip->open($file);
    $sound = $zip->getFromName("sound/{$this->attempt->id} 5000.webm");
    unlink($file);

    expect($sound)->toBe($this->get($this->path.'/file')->streamedContent());
});

it('keeps who agreed, and when', function (): void {
    $student = $this->yard->student('Odell Marrowby');
    $path = "/api/v1/students/$student->id/sound";
    expect($this->getJson($path)->assertOk()->json())
        ->toMatchArray(['school_keeps' => true, 'agreed_at' => null, 'days' => 90, 'recordings' => 0]);
    Carbon::setTestNow('2026-11-20 10:00:00');
    $this->putJson($path, ['agrees' => true])->assertOk();
    Carbon::setTestNow('2026-11-21 10:00:00');
    expect($this->putJson($path, ['agrees' => true])->json('agreed_at'))->toStartWith('2026-11-20')
        ->and($this->getJson($path)->json('agreed_by'))->toBe($this->yard->scorer->name);
    $this->putJson($path, ['agrees' => 'perhaps'])->assertUnprocessable();
});

it('can be read only where it was put, and with the key', function (): void {
    $store = app(SoundStore::class);
    $store->put('sounds/a/0', 'said');
    expect($store->read('sounds/a/0'))->toBe('said');
    Storage::disk('local')->copy('sounds/a/0', 'sounds/b/0');
    expect(fn () => $store->read('sounds/b/0'))->toThrow(RuntimeException::class)
        ->and(fn () => (new SoundStore(Storage::disk('local'), 'another key'))->read('sounds/a/0'))
        ->toThrow(RuntimeException::class)
        ->and(fn () => $store->read('sounds/none'))->toThrow(RuntimeException::class);
});

it('takes up again what a worker was at when it was killed', function (): void {
    config(['queue.default' => 'database']);
    sent(spoken('my seat belt is securely mounted.'))->assertNoContent();
    // As a worker of this server leaves it that took it a moment ago and is no more.
    Cache::forever('at work:default:'.config('pasada.server'), DB::table('jobs')->value('id'));
    DB::table('jobs')->update(['reserved_at' => Carbon::now()->getTimestamp(), 'attempts' => 1]);
    expect(WalkSound::query()->findOrFail($this->sound)->state)->toBe(SoundState::Waiting);
    // It may end with 12, which means started anew: the process of the tests holds more than a worker's.
    Artisan::call('pasada:work', ['queue' => 'default', '--until-empty' => true]);

    expect(WalkSound::query()->findOrFail($this->sound)->state)->toBe(SoundState::Heard)
        ->and(DB::table('jobs')->count())->toBe(0)
        ->and(Artisan::call('pasada:work', ['queue' => 'yesterday']))->toBe(2);
});

it('leaves to another server what that one is at', function (): void {
    config(['queue.default' => 'database']);
    sent(spoken('my seat belt is securely mounted.'))->assertNoContent();
    Cache::forever('at work:default:another', DB::table('jobs')->value('id'));
    DB::table('jobs')->update(['reserved_at' => Carbon::now()->getTimestamp(), 'attempts' => 1]);
    Artisan::call('pasada:work', ['queue' => 'default', '--until-empty' => true]);

    expect(WalkSound::query()->findOrFail($this->sound)->state)->toBe(SoundState::Waiting)
        ->and(DB::table('jobs')->whereNotNull('reserved_at')->count())->toBe(1);
});

it('says so when all tries failed', function (): void {
    config(['queue.default' => 'database']);
    sent(spoken('tight.'))->assertNoContent();
    Storage::disk('local')->deleteDirectory('sounds');
    for ($try = 0; $try < 2; $try++) {
        Artisan::call('pasada:work', ['queue' => 'default', '--until-empty' => true]);
        DB::table('jobs')->update(['available_at' => 0]);
    }

    expect(WalkSound::query()->findOrFail($this->sound)->why)->toContain('could not be worked out')
        ->and(DB::table('failed_jobs')->count())->toBe(1);
});

it('goes on without the words of an utterance whose sound is gone', function (): void {
    config(['queue.default' => 'database']);
    $id = (string) Str::uuid7();
    $this->call(
        'PUT', "/api/v1/attempts/{$this->attempt->id}/utterances/$id?recorder=$this->recorder&from_ms=1",
        server: ['HTTP_ACCEPT' => 'application/json'], content: 'ab',
    )->assertNoContent();
    Storage::disk('local')->deleteDirectory('sounds');
    for ($try = 0; $try < 2; $try++) {
        Artisan::call('pasada:work', ['queue' => 'live', '--until-empty' => true]);
    }

    expect(Utterance::query()->findOrFail($id)->state)->toBe(SoundState::Failed);
});

it('leaves an utterance of a finished walk alone', function (): void {
    $this->yard->finish($this->attempt);
    $this->call(
        'PUT', "/api/v1/attempts/{$this->attempt->id}/utterances/".Str::uuid7()."?recorder=$this->recorder&from_ms=1",
        server: ['HTTP_ACCEPT' => 'application/json'], content: 'ab',
    )->assertConflict();
    expect(Utterance::query()->count())->toBe(0)->and(Attempt::query()->count())->toBe(1);
});
