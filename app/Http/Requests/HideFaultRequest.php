<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Library\AirCab;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\Air\CabDrill;
use Pasada\Core\Brakes\Air\CabFault;
use Pasada\Core\Checklist\Reading\ChecklistReader;

#[
    OA\Schema(
        required: ['vehicle_id', 'checklist_id'],
        properties: [
            new OA\Property(property: 'vehicle_id', type: 'integer'),
            new OA\Property(property: 'checklist_id', type: 'integer'),
            new OA\Property(property: 'drill', type: 'string', enum: CabDrill::class, nullable: true),
            new OA\Property(
                property: 'fault',
                type: 'string',
                nullable: true,
                description: 'one that this sequence shows on this vehicle; drawn from those where it is left out',
            ),
        ],
    ),
]
final class HideFaultRequest extends FormRequest
{
    use SignedIn;

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'vehicle_id' => ['required', 'integer'],
            'checklist_id' => ['required', 'integer'],
            'drill' => ['nullable', Rule::enum(CabDrill::class)],
            'fault' => ['nullable', 'string', Rule::enum(CabFault::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['fault' => 'is not known; it may be '.implode(', ', array_column(CabFault::cases(), 'value'))];
    }

    /**
     * The faults to draw from: the one that was chosen, or all that a student can find.
     *
     * @return non-empty-list<CabFault>
     *
     * @throws ValidationException where the sequence does not show it
     */
    public function faults(): array
    {
        $of = $this->signedIn()->school_id;
        $vehicle = StoredVehicle::ofSchool($of)->findOrFail($this->integer('vehicle_id'));
        $checklist = StoredChecklist::ofSchool($of)->findOrFail($this->integer('checklist_id'));
        $braked = AirCab::braked($vehicle);
        $whole = (new ChecklistReader())->readKept($checklist->document, $checklist->slug)->brakeSequence();
        $shown = CabFault::shownBy($this->enum('drill', CabDrill::class)?->of($whole) ?? $whole, $braked);
        $chosen = $this->enum('fault', CabFault::class);
        $from = $chosen === null ? $shown : (in_array($chosen, $shown, true) ? [$chosen] : []);

        return $from === []
            ? throw ValidationException::withMessages([
                'fault' => 'cannot be found by this sequence on this vehicle; choose another, or a longer sequence',
            ])
            : $from;
    }
}
