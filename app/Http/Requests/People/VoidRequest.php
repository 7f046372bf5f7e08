<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\GivesReason;
use App\Http\Requests\SignedIn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['reason'], properties: [
    new OA\Property(
        property: 'reason', type: 'string', nullable: true, maxLength: 500,
        description: 'why it counts nowhere; null brings it back',
    ),
])]
final class VoidRequest extends FormRequest
{
    use GivesReason;
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('setRight', $this->route('attempt'));

        return true;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.*' => 'Say in at most 500 letters why the walk counts nowhere: the student reads it.'];
    }
}
