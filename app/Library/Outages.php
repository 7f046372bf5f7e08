<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\StoredVehicle;
use App\Models\User;
use App\Models\VehicleOutage;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;

/** Vehicles that are out of service, by their slug: all versions of one are the same truck. */
final readonly class Outages
{
    public function __construct(private ConnectionInterface $database) {}

    /** @return array<string, string> reason by slug */
    public function reasons(int $schoolId): array
    {
        $reasons = [];
        foreach ($this->open($schoolId)->orderBy('id')->pluck('reason', 'slug') as $slug => $reason) {
            $reasons[(string) $slug] = is_string($reason) ? $reason : '';
        }

        return $reasons;
    }

    /** Why this one is out of service; null while it is in service. */
    public function of(StoredVehicle $vehicle): ?string
    {
        return $this->reasons($vehicle->school_id)[$vehicle->slug] ?? null;
    }

    /** Out of service with a reason, or back with null. What stands already is not written again. */
    public function set(StoredVehicle $vehicle, ?string $reason, User $by, Carbon $now): void
    {
        $this->database->transaction(function () use ($vehicle, $reason, $by, $now): void {
            $open = $this->open($vehicle->school_id)->where('slug', $vehicle->slug)->lockForUpdate()->pluck('reason');
            if ($open->all() === ($reason === null ? [] : [$reason])) {
                return;
            }
            $this->open($vehicle->school_id)
                ->where('slug', $vehicle->slug)
                ->update(['ended_at' => $now, 'ended_by' => $by->id]);
            if ($reason !== null) {
                VehicleOutage::query()->create([
                    'school_id' => $vehicle->school_id,
                    'slug' => $vehicle->slug,
                    'reason' => $reason,
                    'user_id' => $by->id,
                    'from_at' => $now,
                ]);
            }
        });
    }

    /** @return Builder<VehicleOutage> */
    private function open(int $schoolId): Builder
    {
        return VehicleOutage::ofSchool($schoolId)->where('ended_at', null);
    }
}
