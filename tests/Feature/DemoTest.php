<?php

declare(strict_types=1);

use App\Actions\School\LoadDemoSchool;
use App\Demo\DemoSchool;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\Student;
use App\Models\User;
use Illuminate\Support\Arr;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

it('loads twelve students with three to nine finished walks each, the same every time', function (): void {
    $load = static function (): array {
        app(LoadDemoSchool::class)->handle(Carbon::parse('2026-11-24 12:00'), static fn () => null);

        return DB::table('attempt_results')
            ->orderBy('attempt_id')
            ->get()
            ->map(static fn (stdClass $row): array => Arr::except((array) $row, 'projected_at'))
            ->all();
    };
    DB::beginTransaction();
    $first = $load();
    $counts = Student::query()->withCount('attempts')->pluck('attempts_count', 'name');
    DB::rollBack();

    expect($counts)->toHaveCount(12)->and($counts->min())->toBe(3)->and($counts->max())->toBe(9)
        ->and($load())->toBe($first)
        ->and(Attempt::query()->where('status', AttemptStatus::Finished)->count())->toBe(count($first));
});

it('gives its students the habits they are known for', function (): void {
    app(LoadDemoSchool::class)->handle(Carbon::parse('2026-11-24 12:00'), static fn () => null);
    $last = static fn (string $name): Attempt => Student::cards(User::query()->where('role', 'manager')->firstOrFail())
        ->where('name', $name)
        ->firstOrFail()->lastFinished ?? throw new LogicException('Nobody walked.');

    expect($last('Mira Tallgrass')->result?->permille)->toBeGreaterThan(900)
        ->and($last('Petra Lindvale')->result?->standing->value)->toBe('failed')
        ->and($last('Petra Lindvale')->result?->permille)->toBeGreaterThan(900)
        ->and((int) $last('Sefa Tolumano')->started_at->diffInDays(Carbon::parse('2026-11-24')))->toBeGreaterThan(20);
});

it('leaves a school alone that is there already', function (): void {
    new Tests\Support\Yard();
    $this->artisan('pasada:demo', ['--if-empty' => true])
        ->assertSuccessful()
        ->expectsOutput('A school is there already; nothing was changed.');
    $this->artisan('pasada:demo')->assertFailed();
    $this->artisan('pasada:demo', ['--accounts' => true])
        ->assertSuccessful()
        ->expectsOutputToContain(DemoSchool::staff()[0][1]);
});
