<?php

declare(strict_types=1);

namespace App\Http\Requests\Progress;

use App\Http\Requests\SignedIn;
use App\Models\Student;
use App\Models\User;
use App\Yard\WeekDays;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Names a week by any of its days, and perhaps what is set in it. */
#[
    OA\Schema(
        required: ['from'],
        properties: [
            new OA\Property(property: 'from', type: 'string', format: 'date', description: 'any day of the week'),
            new OA\Property(property: 'revision', type: 'integer', description: 'as it was read; wanted for a change'),
            new OA\Property(
                property: 'walks',
                type: 'array',
                items: new OA\Items(
                    required: ['slot', 'student_id', 'vehicle_id', 'instructor_id', 'fixed'],
                    properties: [
                        new OA\Property(property: 'slot', type: 'string'),
                        new OA\Property(property: 'student_id', type: 'integer'),
                        new OA\Property(property: 'vehicle_id', type: 'integer'),
                        new OA\Property(property: 'instructor_id', type: 'integer'),
                        new OA\Property(property: 'fixed', type: 'boolean'),
                    ],
                ),
                description: 'a proposal plans around those that are fixed; a change takes all',
            ),
            new OA\Property(
                property: 'closed', type: 'array', items: new OA\Items(type: 'string'),
                description: 'slots in which nobody walks',
            ),
            new OA\Property(
                property: 'instructors', type: 'array', items: new OA\Items(type: 'integer'), nullable: true,
                description: 'who is there; null for all',
            ),
            new OA\Property(
                property: 'vehicles', type: 'array', items: new OA\Items(type: 'integer'), nullable: true,
                description: 'what is there; null for all',
            ),
        ],
    ),
]
final class WeekRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        if ($this->isMethod('GET')) {
            Gate::authorize('viewAny', Student::class);
        } else {
            Gate::authorize('planWeeks', User::class);
        }

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'from' => ['required', 'date_format:Y-m-d'],
            'revision' => [$this->isMethod('PUT') ? 'required' : 'nullable', 'integer'],
            'walks' => [$this->isMethod('PUT') ? 'present' : 'nullable', 'array', 'max:2000'],
            'walks.*.slot' => ['required', 'string', 'max:16'],
            'walks.*.student_id' => ['required', 'integer'],
            'walks.*.vehicle_id' => ['required', 'integer'],
            'walks.*.instructor_id' => ['required', 'integer'],
            'walks.*.fixed' => ['required', 'boolean'],
            'closed' => ['nullable', 'array', 'max:200'],
            'closed.*' => ['string', 'max:16'],
            'instructors' => ['nullable', 'array', 'max:500'],
            'instructors.*' => ['integer'],
            'vehicles' => ['nullable', 'array', 'max:500'],
            'vehicles.*' => ['integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['from.*' => 'Name the week by one of its days, as 2026-12-01.'];
    }

    public function monday(): string
    {
        return WeekDays::monday(Carbon::parse($this->string('from')->toString()));
    }

    /** @return list<array{slot: string, student_id: int, vehicle_id: int, instructor_id: int, fixed: bool}> */
    public function walks(): array
    {
        /** @var list<array{slot: string, student_id: int, vehicle_id: int, instructor_id: int, fixed: bool}> $walks */
        $walks = array_values((array) $this->input('walks', []));

        return $walks;
    }

    /** @return list<string> */
    public function closed(): array
    {
        /** @var list<string> $closed */
        $closed = array_values((array) $this->input('closed', []));

        return $closed;
    }

    /** @return list<int>|null */
    public function those(string $key): ?array
    {
        /** @var list<int>|null $ids */
        $ids = $this->input($key);

        return $ids;
    }
}
