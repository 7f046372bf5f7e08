<?php

declare(strict_types=1);

namespace App\Http\Requests\Lights;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'item', 'works'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid', description: 'made by the page: kept once'),
    new OA\Property(property: 'item', type: 'string'),
    new OA\Property(property: 'works', type: 'boolean'),
])]
final class LightAnswerRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'], 'item' => ['required', 'string', 'max:80'],
            'works' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Give the answer an id of its own, so that it can be sent twice.',
            'item.*' => 'Say which light it is about.', 'works.*' => 'Say whether it works.',
        ];
    }
}
