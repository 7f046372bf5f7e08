<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rules\Exists;
use Illuminate\Validation\Rules\Unique;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name'], properties: [
    new OA\Property(
        property: 'id', type: 'string', format: 'uuid',
        description: 'of a new student: made by the page, so that adding twice adds once',
    ),
    new OA\Property(property: 'name', type: 'string', maxLength: 120),
    new OA\Property(property: 'class_id', type: 'integer', nullable: true),
    new OA\Property(property: 'number', type: 'string', nullable: true, maxLength: 40, description: 'of the school'),
    new OA\Property(property: 'exam_on', type: 'string', format: 'date', nullable: true),
])]
final class SaveStudentRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        $student = $this->student();
        $student === null ? Gate::authorize('teach', User::class) : Gate::authorize('change', $student);

        return true;
    }

    /** @return array<string, list<string|Exists|Unique|NameRule>> */
    public function rules(): array
    {
        $school = $this->signedIn()->school_id;

        return [
            'id' => [$this->student() === null ? 'required' : 'prohibited', 'uuid'],
            'name' => ['required', 'string', new NameRule],
            'class_id' => ['nullable', 'integer', SchoolClass::existsIn($school)],
            'number' => ['nullable', 'string', 'max:40', Student::uniqueIn($school, 'number')
                ->ignore($this->student()->id ?? $this->uuid(), $this->student() === null ? 'uuid' : 'id')],
            'exam_on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:+5 years'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give a name.',
            'name.string' => 'Give a name.',
            'id.*' => 'Send an id of a new student, a UUID made by the page; of one who is there, none.',
            'class_id.*' => 'This class is not known at this school; choose one from the list.',
            'number.unique' => 'Another student has this number. Look whether it is the same person.',
            'number.*' => 'A number has at most 40 signs.',
            'exam_on.*' => 'Give the day as 2026-12-04.',
        ];
    }

    public function student(): ?Student
    {
        $student = $this->route('student');

        return $student instanceof Student ? $student : null;
    }

    /** Of a new student; empty where what was sent is no text, which the rules refuse. */
    public function uuid(): string
    {
        $id = $this->input('id');

        return is_string($id) ? mb_strtolower($id) : '';
    }

    /** @return array{name: string, class_id: int|null, number: string|null, exam_on: string|null} */
    public function told(): array
    {
        return [
            'name' => $this->string('name')->squish()->toString(),
            'class_id' => $this->filled('class_id') ? $this->integer('class_id') : null,
            'number' => $this->filled('number') ? $this->string('number')->toString() : null,
            'exam_on' => $this->filled('exam_on') ? $this->string('exam_on')->toString() : null,
        ];
    }
}
