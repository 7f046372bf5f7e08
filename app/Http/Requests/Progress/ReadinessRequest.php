<?php

declare(strict_types=1);

namespace App\Http\Requests\Progress;

use App\Http\Requests\People\OfStudent;
use App\Http\Requests\SignedIn;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rules\Exists;

/** Perhaps names the checklist and the vehicle for which it is asked; else those of the last walk are meant. */
final class ReadinessRequest extends FormRequest
{
    use OfStudent;
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('view', $this->student());

        return true;
    }

    /** @return array<string, list<string|Exists>> */
    public function rules(): array
    {
        $school = $this->signedIn()->school_id;

        return [
            'checklist_id' => ['nullable', 'integer', StoredChecklist::existsIn($school)],
            'vehicle_id' => ['nullable', 'integer', StoredVehicle::existsIn($school)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'checklist_id.*' => 'There is no such checklist here. Choose one that is in force.',
            'vehicle_id.*' => 'There is no such vehicle here. Choose one that is in force.',
        ];
    }

    public function checklist(): ?StoredChecklist
    {
        return StoredChecklist::ofSchool($this->signedIn()->school_id)->find($this->integer('checklist_id'));
    }

    public function vehicle(): ?StoredVehicle
    {
        return StoredVehicle::ofSchool($this->signedIn()->school_id)->find($this->integer('vehicle_id'));
    }
}
