<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Attempt;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class PreviewInspectionRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('create', Attempt::class);

        return true;
    }

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
