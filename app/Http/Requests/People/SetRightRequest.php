<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use App\Models\Attempt;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Models\User;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rules\Exists;
use Illuminate\Validation\Validator;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['keep'], properties: [
    new OA\Property(property: 'student_id', type: 'integer'),
    new OA\Property(property: 'scorer_id', type: 'integer', description: 'somebody who scores at the school'),
    new OA\Property(property: 'vehicle_id', type: 'integer'),
    new OA\Property(property: 'keep', type: 'boolean', description: 'false only tells what it would change'),
])]
final class SetRightRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('setRight', $this->attempt());

        return true;
    }

    /** @return array<string, list<string|Exists>> */
    public function rules(): array
    {
        $school = $this->signedIn()->school_id;

        return [
            'student_id' => ['required_without_all:scorer_id,vehicle_id', 'integer', Student::existsIn($school)],
            'scorer_id' => ['integer', User::existsIn($school)],
            'vehicle_id' => ['integer', StoredVehicle::existsIn($school)],
            'keep' => ['required', 'boolean'],
        ];
    }

    /** @return list<Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $checked): void {
            if ($checked->errors()->isEmpty() && $this->scorer()?->scores() === false) {
                $checked->errors()->add('scorer_id', 'Only an instructor or an examiner scores; choose one of them.');
            }
            if ($checked->errors()->isEmpty() && $this->scorer()?->disabled_at !== null) {
                $checked->errors()->add('scorer_id', 'This account is closed; choose somebody who signs in.');
            }
        }];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'student_id.required_without_all' => 'Choose another student, scorer or vehicle.',
            'student_id.*' => 'This student is not known at this school; choose one from the list.',
            'scorer_id.*' => 'This person is not known at this school; choose one from the list.',
            'vehicle_id.*' => 'This vehicle is not known at this school; choose one from the list.',
            'keep.*' => 'Say whether to keep it, or only to tell what it would change.',
        ];
    }

    public function attempt(): Attempt
    {
        $attempt = $this->route('attempt');
        assert($attempt instanceof Attempt);

        return $attempt;
    }

    public function student(): ?Student
    {
        return $this->filled('student_id') ? Student::query()->findOrFail($this->integer('student_id')) : null;
    }

    public function scorer(): ?User
    {
        return $this->filled('scorer_id') ? User::query()->findOrFail($this->integer('scorer_id')) : null;
    }

    public function vehicle(): ?StoredVehicle
    {
        return $this->filled('vehicle_id') ? StoredVehicle::query()->findOrFail($this->integer('vehicle_id')) : null;
    }
}
