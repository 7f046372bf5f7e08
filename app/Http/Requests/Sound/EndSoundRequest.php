<?php

declare(strict_types=1);

namespace App\Http\Requests\Sound;

use App\Http\Requests\Walk\MarksAttempt;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['pieces'], properties: [
    new OA\Property(property: 'pieces', type: 'integer', description: 'how many there are'),
])]
final class EndSoundRequest extends FormRequest
{
    use MarksAttempt;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['pieces' => ['required', 'integer', 'between:1,100000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['pieces.*' => 'Say how many pieces the recording has; without any there is nothing to end.'];
    }
}
