<?php

declare(strict_types=1);

use App\Models\Paper\PaperBundle;
use App\Models\Role;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Tests\Support\Yard;

beforeEach(function (): void {
    Storage::fake('local');
    $this->yard = new Yard;
    $this->yard->student('Odell/Marrowby');
    $this->actingAs($this->yard->scorer);
    $this->id = (string) Str::uuid7();
    $this->ask = fn () => $this->postJson(
        "/api/v1/classes/{$this->yard->schoolClass()->id}/papers", ['id' => $this->id, 'size' => 'a4'],
    );
});

it('prints the register and every record into one file after the answer, once', function (): void {
    ($this->ask)()->assertAccepted()->assertJsonPath('all', 2);
    ($this->ask)()->assertAccepted();
    $this->getJson("/api/v1/papers/$this->id")->assertOk()->assertExactJson([
        'id' => $this->id, 'done' => 2, 'all' => 2, 'ready' => true, 'failed' => false,
    ]);
    $path = tempnam(sys_get_temp_dir(), 'papers');
    file_put_contents($path, $this->get("/api/v1/papers/$this->id/file")->assertOk()->streamedContent());
    $zip = new ZipArchive;
    expect($zip->open($path))->toBeTrue();
    $names = array_map(fn (int $n): string => (string) $zip->getNameIndex($n), range(0, $zip->numFiles - 1));
    expect($names)->toBe(['register.pdf', '001 Mira Tallgrass.pdf', '002 OdellMarrowby.pdf'])
        ->and((string) $zip->getFromName($names[1]))->toStartWith('%PDF')
        ->and(PaperBundle::query()->count())->toBe(1);
    unlink($path);
});

it('is gone after a day, with its file, whether anybody asks or not', function (): void {
    ($this->ask)();
    $disk = app(Filesystem::class);
    expect($disk->exists("papers/$this->id.zip"))->toBeTrue();
    Carbon::setTestNow(Carbon::now()->startOfHour()->addHours(23));
    $this->artisan('schedule:run')->assertSuccessful();
    expect($disk->exists("papers/$this->id.zip"))->toBeTrue();
    Carbon::setTestNow(Carbon::now()->addHours(2));
    $this->artisan('schedule:run')->assertSuccessful();
    expect($disk->exists("papers/$this->id.zip"))->toBeFalse()->and(PaperBundle::query()->count())->toBe(0);
});

it('says where the printing died, so that it is asked anew', function (): void {
    $bundle = PaperBundle::query()->create([
        'id' => $this->id, 'school_id' => $this->yard->school->id, 'class_id' => $this->yard->schoolClass()->id,
        'asked_by' => $this->yard->scorer->id, 'size' => 'a4', 'all' => 2, 'asked_at' => Carbon::now()->subMinutes(16),
    ]);
    $this->getJson("/api/v1/papers/$bundle->id")->assertJsonPath('failed', true)->assertJsonPath('ready', false);
    $this->get("/api/v1/papers/$bundle->id/file")->assertNotFound();
});

it('is for those who see all students', function (): void {
    ($this->ask)();
    $this->actingAs($this->yard->person(Role::Student));
    $this->getJson("/api/v1/papers/$this->id")->assertForbidden();
    ($this->ask)()->assertForbidden();
});
