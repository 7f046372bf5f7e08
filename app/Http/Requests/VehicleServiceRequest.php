<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\StoredVehicle;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[
    OA\Schema(
        required: ['reason'],
        properties: [
            new OA\Property(
                property: 'reason', type: 'string', nullable: true, maxLength: 500,
                description: 'why it is out of service; null brings it back',
            ),
        ],
    ),
]
final class VehicleServiceRequest extends FormRequest
{
    use GivesReason;
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('service', $this->vehicle());

        return true;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.*' => 'Say in at most 500 letters why the vehicle is out of service; null brings it back.'];
    }

    public function vehicle(): StoredVehicle
    {
        $vehicle = $this->route('vehicle');
        assert($vehicle instanceof StoredVehicle);

        return $vehicle;
    }
}
