<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\Attempt;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\ConnectionInterface;
use LogicException;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Progress\Readiness\Readiness;
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
    public function __construct(
        private readonly Repository $cache,
        private readonly ConnectionInterface $database,
        private readonly string $build,
    ) {}

    public function forAttempt(Attempt $attempt): Inspection
    {
        return $this->byId($attempt->checklist_id, $attempt->vehicle_id, $attempt->form);
    }

    /** @param  string|null  $form  id of one of the checklist's forms; null for all that it asks */
    public function of(StoredChecklist $checklist, StoredVehicle $vehicle, ?string $form = null): Inspection
    {
        return $this->byId($checklist->id, $vehicle->id, $form);
    }

    /** The whole checklist, sections and parts: read once and kept, as the item lists are. */
    public function checklistOf(StoredChecklist $stored): Checklist
    {
        $key = implode(':', ['checklist', $this->build, ...$this->digests(['checklists' => $stored->id])]);

        return $this->cache->rememberForever($key, static function () use ($stored): Checklist {
            return (new ChecklistReader)->readKept($stored->document, $stored->slug);
        });
    }

    /** @return array<string, string> names of all items, by id */
    public function names(int $checklistId, int $vehicleId): array
    {
        return array_map(static fn (Item $item): string => $item->fullName(), $this->byId(
            $checklistId, $vehicleId, null,
        )->items);
    }

    /** What the chance to pass under it rests on, form by form. */
    public function readiness(StoredChecklist $checklist, StoredVehicle $vehicle): Readiness
    {
        $key = implode(':', [
            'readiness', $this->build, ...$this->digests(['checklists' => $checklist->id, 'vehicles' => $vehicle->id]),
        ]);

        return $this->cache->rememberForever($key, static fn (): Readiness => Readiness::under(
            (new ChecklistReader)->readKept($checklist->document, $checklist->slug),
            (new VehicleReader)->read($vehicle->document, $vehicle->slug),
        ));
    }

    private function byId(int $checklistId, int $vehicleId, ?string $form): Inspection
    {
        return $this->atHand[$checklistId.':'.$vehicleId.':'.$form] ??= $this->kept($checklistId, $vehicleId, $form);
    }

    private function kept(int $checklistId, int $vehicleId, ?string $form): Inspection
    {
        // By the digests of the documents and not by the ids of the rows, which mean something else after a reload.
        $key = implode(':', ['inspection', $this->build, ...$this->digests([
            'checklists' => $checklistId, 'vehicles' => $vehicleId,
        ]), $form ?? '']);

        return $this->cache->rememberForever($key, static function () use (
            $checklistId,
            $vehicleId,
            $form,
        ): Inspection {
            $stored = StoredChecklist::query()->findOrFail($checklistId);
            $vehicle = StoredVehicle::query()->findOrFail($vehicleId);
            $checklist = (new ChecklistReader)->readKept($stored->document, $stored->slug);

            return Inspection::of(
                $checklist,
                (new VehicleReader())->read($vehicle->document, $vehicle->slug),
                $form === null ? null : $checklist->form($form),
            );
        });
    }

    /**
     * @param  non-empty-array<string, int>  $rows  ids by table
     * @return list<string> in one question to the database
     */
    private function digests(array $rows): array
    {
        $each = array_map(static fn (string $table): string => "(select digest from $table where id = ?) as $table",
            array_keys($rows));
        $kept = (array) $this->database->selectOne('select '.implode(', ', $each), array_values($rows));
        $digests = array_values(array_filter($kept, is_string(...)));

        return count($digests) === count($rows)
            ? $digests
            : throw new LogicException('An attempt names a checklist or vehicle that is gone.');
    }
}
