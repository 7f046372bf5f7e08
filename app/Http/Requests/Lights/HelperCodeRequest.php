<?php

declare(strict_types=1);

namespace App\Http\Requests\Lights;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['code'], properties: [new OA\Property(property: 'code', type: 'string')])]
final class HelperCodeRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:20']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['code.*' => 'Type the six signs that stand on the scorer\'s screen.'];
    }
}
