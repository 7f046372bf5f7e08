<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['in_force_from'], properties: [
    new OA\Property(property: 'in_force_from', type: 'string', format: 'date'),
])]
final class PublishDraftRequest extends FormRequest
{
    use SignedIn;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['in_force_from' => ['required', 'date_format:Y-m-d', 'after_or_equal:today']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'in_force_from.required' => 'Choose the day from which it is in force.',
            'in_force_from.date_format' => 'Write the day as year-month-day.',
            'in_force_from.after_or_equal' => 'It can be in force from today on, not before: earlier attempts keep what they were scored under.',
        ];
    }

    public function from(): Carbon
    {
        return Carbon::parse($this->string('in_force_from')->toString());
    }
}
