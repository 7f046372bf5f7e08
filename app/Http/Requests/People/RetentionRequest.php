<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use App\Models\Student;
use App\Models\User;
use App\Retention\DueRecords;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rules\Exists;
use OpenApi\Attributes as OA;

#[OA\Schema(required: [], properties: [
    new OA\Property(property: 'kept_years', type: 'integer', description: 'three at least'),
    new OA\Property(property: 'hold_student_id', type: 'integer', description: 'of whom nothing is deleted'),
    new OA\Property(property: 'end_hold', type: 'integer', description: 'id of a hold that is over'),
    new OA\Property(property: 'reason', type: 'string', maxLength: 500, description: 'of the hold'),
    new OA\Property(property: 'delete', type: 'integer', description: 'how many are due, as they were shown'),
])]
final class RetentionRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('manage', User::class);

        return true;
    }

    /** @return array<string, list<string|Exists>> */
    public function rules(): array
    {
        return [
            'kept_years' => ['integer', 'min:'.DueRecords::LEAST_YEARS, 'max:50'],
            'hold_student_id' => ['integer', Student::existsIn($this->signedIn()->school_id)],
            'end_hold' => ['integer'],
            'reason' => ['required_with:hold_student_id', 'string', 'max:500'],
            'delete' => ['integer', 'min:1'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kept_years.*' => sprintf(
                'Records are kept for %d years at least (49 CFR 380.725), and for 50 at most.', DueRecords::LEAST_YEARS,
            ),
            'hold_student_id.*' => 'This student is not known at this school.',
            'reason.*' => 'Say in at most 500 letters why nothing may be deleted.',
            '*' => 'Give a number.',
        ];
    }

    public function number(string $name): ?int
    {
        return $this->filled($name) ? $this->integer($name) : null;
    }
}
