<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Draft;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['step', 'in_force_from'], properties: [
    new OA\Property(property: 'step', type: 'integer', description: 'the step that is put in force'),
    new OA\Property(property: 'in_force_from', type: 'string', format: 'date'),
    new OA\Property(property: 'reason', type: 'string', nullable: true, maxLength: 500, description: 'why'),
])]
final class PublishDraftRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        $draft = $this->route('draft');
        assert($draft instanceof Draft);
        Gate::authorize('publish', $draft);

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'step' => ['required', 'integer', 'min:0'],
            'reason' => ['nullable', 'string', 'max:500'],
            'in_force_from' => [
                'bail',
                'required',
                'string',
                'date_format:Y-m-d',
                'after_or_equal:'.$this->today()->toDateString(),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'reason.*' => 'Say in at most 500 letters why it is put in force.',
            'step.*' => 'Send the step of the draft that is to be in force.',
            'in_force_from.required' => 'Choose the day from which it is in force.',
            'in_force_from.date_format' => 'Write the day as year-month-day.',
            'in_force_from.after_or_equal' => 'It can be in force from today on, not before: earlier attempts keep '.
                'what they were scored under.',
        ];
    }

    /** By the school's calendar: in the evening of a US yard it is tomorrow by UTC. */
    public function today(): Carbon
    {
        return $this->signedIn()->school->today(Carbon::now());
    }

    public function reason(): ?string
    {
        $reason = $this->string('reason')->trim()->toString();

        return $reason === '' ? null : $reason;
    }

    public function from(): Carbon
    {
        return Carbon::parse($this->string('in_force_from')->toString());
    }
}
