<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use App\Models\DocumentKind;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['kind', 'id'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: DocumentKind::class),
    new OA\Property(property: 'id', type: 'string'),
])]
final class AdoptRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('manage', User::class);

        return true;
    }

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return ['kind' => ['required', Rule::enum(DocumentKind::class)], 'id' => ['required', 'string', 'max:80']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind.*' => 'Choose a checklist or a vehicle.', 'id.*' => 'Choose one from the list.'];
    }

    public function kind(): DocumentKind
    {
        return DocumentKind::from($this->string('kind')->toString());
    }
}
