<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['closed'], properties: [new OA\Property(property: 'closed', type: 'boolean')])]
final class ClosePersonRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('change', $this->route('user'));

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['closed' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['closed.*' => 'Say whether the account is closed: true or false.'];
    }
}
