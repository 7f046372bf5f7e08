<?php

declare(strict_types=1);

namespace App\Http\Requests\Progress;

use App\Http\Requests\People\OfStudent;
use App\Http\Requests\SignedIn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[
    OA\Schema(
        required: ['id', 'held_on', 'passed'],
        properties: [
            new OA\Property(
                property: 'id', type: 'string', format: 'uuid',
                description: 'made by the page, so that recording twice records once',
            ),
            new OA\Property(property: 'held_on', type: 'string', format: 'date'),
            new OA\Property(property: 'passed', type: 'boolean'),
            new OA\Property(property: 'form', type: 'string', nullable: true, maxLength: 40),
            new OA\Property(
                property: 'missed', type: 'array', items: new OA\Items(type: 'string'), nullable: true,
                description: 'ids of the items that the examiner named',
            ),
        ],
    ),
]
final class ExamResultRequest extends FormRequest
{
    use OfStudent;
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('recordExam', $this->student());

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'held_on' => ['required', 'date_format:Y-m-d', 'before_or_equal:+1 day', 'after:2000-01-01'],
            'passed' => ['required', 'boolean'],
            'form' => ['nullable', 'string', 'max:40'],
            'missed' => ['nullable', 'array', 'max:300'],
            'missed.*' => ['string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'held_on.*' => 'Give the day of the exam, as 2026-12-04; it cannot lie ahead.',
            'passed.*' => 'Say whether the exam was passed.',
        ];
    }

    public function heldOn(): Carbon
    {
        return Carbon::createFromFormat('!Y-m-d', $this->string('held_on')->toString()) ?? Carbon::now();
    }

    /** @return list<string>|null */
    public function missed(): ?array
    {
        /** @var list<string>|null $missed */
        $missed = $this->input('missed');

        return $missed;
    }
}
