<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['step', 'csv'], properties: [
    new OA\Property(property: 'step', type: 'integer', description: 'the step that the table is imported into'),
    new OA\Property(property: 'csv', type: 'string'),
])]
final class DraftTableRequest extends FormRequest
{
    use ChangesDraft;
    use SignedIn;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['step' => ['required', 'integer', 'min:0'], 'csv' => ['required', 'string']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'step.*' => 'Send the step of the draft that the table is imported into.',
            'csv.*' => 'Send the table as text, in CSV with its first line.',
        ];
    }

    public function csv(): string
    {
        return $this->string('csv')->toString();
    }
}
