<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name'], properties: [
    new OA\Property(property: 'name', type: 'string', description: 'of the student, typed to be sure'),
])]
final class ErasureRequest extends FormRequest
{
    use OfStudent;
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('change', $this->student());
        Gate::authorize('manage', User::class);

        return true;
    }

    /** @return array<string, list<string|In>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', Rule::in([$this->student()->name])]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => 'Type the name as it stands above. What is erased does not come back.'];
    }
}
