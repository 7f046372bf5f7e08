<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** What students would be examined by: the checklist and the vehicle of the last walk, as they are in force. */
final readonly class Examined
{
    /**
     * @param  Collection<int, StoredChecklist>  $checklists
     * @param  Collection<int, StoredVehicle>  $vehicles
     */
    private function __construct(private Collection $checklists, private Collection $vehicles) {}

    public static function at(int $schoolId, Carbon $now): self
    {
        return new self(
            StoredChecklist::inForceOn($schoolId, $now)->toBase(), StoredVehicle::inForceOn($schoolId, $now)->toBase(),
        );
    }

    /**
     * @param  string|null  $checklist  slug of that of the last walk
     * @param  string|null  $vehicle  likewise
     * @return array{StoredChecklist, StoredVehicle}|null null where nothing is in force
     */
    public function by(?string $checklist, ?string $vehicle): ?array
    {
        $asks = $this->checklists->firstWhere('slug', $checklist) ?? $this->checklists->first();
        $stands = $this->vehicles->firstWhere('slug', $vehicle) ?? $this->vehicles->first();

        return $asks === null || $stands === null ? null : [$asks, $stands];
    }
}
