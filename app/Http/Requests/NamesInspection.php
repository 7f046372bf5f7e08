<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Illuminate\Http\Request;

/**
 * Names a checklist, a vehicle and perhaps a form of the own school.
 *
 * @mixin Request
 */
trait NamesInspection
{
    use SignedIn;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'vehicle_id' => ['required', 'integer'],
            'checklist_id' => ['required', 'integer'],
            'form' => ['nullable', 'string', 'max:255'],
        ];
    }

    public function form(): ?string
    {
        return $this->filled('form') ? $this->string('form')->toString() : null;
    }

    public function vehicle(): StoredVehicle
    {
        return StoredVehicle::ofSchool($this->signedIn()->school_id)->findOrFail($this->integer('vehicle_id'));
    }

    public function checklist(): StoredChecklist
    {
        return StoredChecklist::ofSchool($this->signedIn()->school_id)->findOrFail($this->integer('checklist_id'));
    }
}
