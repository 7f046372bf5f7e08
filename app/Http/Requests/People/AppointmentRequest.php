<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'held_on'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid', description: 'made by the page'),
    new OA\Property(property: 'held_on', type: 'string', format: 'date'),
    new OA\Property(property: 'begins', type: 'string', nullable: true, description: 'as 08:30'),
    new OA\Property(property: 'place', type: 'string', nullable: true, maxLength: 120),
    new OA\Property(property: 'examiner', type: 'string', nullable: true, maxLength: 120),
    new OA\Property(property: 'vehicle', type: 'string', nullable: true, maxLength: 80),
    new OA\Property(property: 'form', type: 'string', nullable: true, maxLength: 40),
])]
final class AppointmentRequest extends FormRequest
{
    use OfStudent;
    use SignedIn;

    private const TEXTS = ['begins', 'place', 'examiner', 'vehicle', 'form'];

    public function authorize(): bool
    {
        Gate::authorize('change', $this->student());

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'held_on' => ['required', 'date_format:Y-m-d', 'after:-1 year', 'before:+5 years'],
            'begins' => ['nullable', 'date_format:H:i'],
            'place' => ['nullable', 'string', 'max:120'],
            'examiner' => ['nullable', 'string', 'max:120'],
            'vehicle' => ['nullable', 'string', 'max:80'],
            'form' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Send an id of the appointment, a UUID made by the page.',
            'held_on.*' => 'Give the day of the exam, as 2026-12-04.',
            'begins.*' => 'Give the time as 08:30.',
            '*.max' => 'This is too long; shorten it.',
        ];
    }

    /**
     * @return array{held_on: string, begins: string|null, place: string|null, examiner: string|null,
     *   vehicle: string|null, form: string|null}
     */
    public function told(): array
    {
        $told = ['held_on' => $this->string('held_on')->toString()];
        foreach (self::TEXTS as $name) {
            $told[$name] = $this->filled($name) ? $this->string($name)->toString() : null;
        }

        return $told;
    }
}
