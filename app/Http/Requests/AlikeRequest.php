<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Attempt;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['names'], properties: [
    new OA\Property(property: 'names', type: 'array', items: new OA\Items(type: 'string')),
])]
final class AlikeRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('bring', Attempt::class);

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['names' => ['present', 'array', 'list', 'max:2000'], 'names.*' => ['string', 'max:300']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['names.*' => 'Send at most 2000 names, each of 300 letters at most.'];
    }

    /** @return list<string> */
    public function names(): array
    {
        /** @var list<string> */
        return $this->input('names');
    }
}
