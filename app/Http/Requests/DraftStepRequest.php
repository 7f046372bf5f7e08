<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

/** Undo or redo, from the step that is seen. */
#[
    OA\Schema(
        required: ['step'],
        properties: [new OA\Property(property: 'step', type: 'integer', description: 'the step that is seen')],
    ),
]
final class DraftStepRequest extends FormRequest
{
    use ChangesDraft;
    use SignedIn;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['step' => ['required', 'integer', 'min:0']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['step.*' => 'Send the step of the draft that is seen.'];
    }
}
