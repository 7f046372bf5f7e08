<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use App\Models\Student;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rules\Exists;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['into'], properties: [
    new OA\Property(property: 'into', type: 'integer', description: 'the record that all goes to'),
])]
final class MergeStudentRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('change', $this->route('student'));
        Gate::authorize('manage', User::class);

        return true;
    }

    /** @return array<string, list<string|Exists>> */
    public function rules(): array
    {
        return ['into' => ['required', 'integer', Student::existsIn($this->signedIn()->school_id)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['into.*' => 'Choose the record of a student of this school to merge into.'];
    }

    public function into(): Student
    {
        return Student::query()->findOrFail($this->integer('into'));
    }
}
