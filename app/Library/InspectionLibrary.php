<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\Attempt;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Illuminate\Contracts\Cache\Repository;
use Pasada\Core\Checklist\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Vehicle\VehicleReader;

/**
 * Hands out the item list of a stored checklist on a stored vehicle.
 *
 * Both rows never change, so what was laid out once is kept; reading and checking a checklist of 200 parts
 * takes several times as long as scoring a walk by it.
 */
final class InspectionLibrary
{
    /** @var array<string, Inspection> laid out in this request */
    private array $atHand = [];

    /** @param  string  $build  changes with the code: kept lists of an older build are laid out anew */
    public function __construct(private readonly Repository $cache, private readonly string $build) {}

    public function forAttempt(Attempt $attempt): Inspection
    {
        return $this->remember($attempt->checklist_id, $attempt->vehicle_id, static fn (): array => [
            // Read whole: a card's relations carry the name only.
            StoredChecklist::query()->findOrFail($attempt->checklist_id), StoredVehicle::query()->findOrFail($attempt->vehicle_id),
        ]);
    }

    public function of(StoredChecklist $checklist, StoredVehicle $vehicle): Inspection
    {
        return $this->remember($checklist->id, $vehicle->id, static fn (): array => [$checklist, $vehicle]);
    }

    /** @param  callable(): array{StoredChecklist, StoredVehicle}  $rows  asked only when the list is not at hand */
    private function remember(int $checklistId, int $vehicleId, callable $rows): Inspection
    {
        $key = sprintf('inspection:%s:%d:%d', $this->build, $checklistId, $vehicleId);

        return $this->atHand[$key] ??= $this->cache->rememberForever($key, static function () use ($rows): Inspection {
            [$checklist, $vehicle] = $rows();

            return Inspection::of(
                (new ChecklistReader)->read($checklist->document, $checklist->slug),
                (new VehicleReader)->read($vehicle->document, $vehicle->slug),
            );
        });
    }
}
