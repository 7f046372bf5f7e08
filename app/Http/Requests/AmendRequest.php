<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'reason', 'marks'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid', description: 'made by the page; sending it twice counts once'),
    new OA\Property(property: 'reason', type: 'string'),
    new OA\Property(property: 'marks', type: 'array', minItems: 1, items: new OA\Items(ref: '#/components/schemas/Mark')),
])]
final class AmendRequest extends FormRequest
{
    use SignedIn;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['id' => ['required', 'uuid'], 'reason' => ['required', 'string', 'min:5', 'max:500'], 'marks' => ['required', 'array', 'list', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.*' => 'Say in a few words why the closed record is changed; the reason stays with it.'];
    }
}
