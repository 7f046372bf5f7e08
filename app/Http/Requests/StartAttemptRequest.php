<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Attempt;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Exists;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'student_id', 'vehicle_id', 'checklist_id'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid', description: 'made by the page, so that starting twice starts once'),
    new OA\Property(property: 'student_id', type: 'integer'),
    new OA\Property(property: 'vehicle_id', type: 'integer'),
    new OA\Property(property: 'checklist_id', type: 'integer'),
    new OA\Property(property: 'form', type: 'string', nullable: true, description: 'id of a form set by hand, or "draw"; leave it out to ask everything'),
])]
final class StartAttemptRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('create', Attempt::class);

        return true;
    }

    /** @return array<string, list<string|Exists>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'student_id' => ['required', 'integer', $this->ofThisSchool('students')],
            'vehicle_id' => ['required', 'integer', $this->ofThisSchool('vehicles')],
            'checklist_id' => ['required', 'integer', $this->ofThisSchool('checklists')],
            'form' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            '*.required' => 'Choose a student, a vehicle and a checklist.',
            'student_id.exists' => 'This student is not known at this school; choose one from the list.',
            'vehicle_id.exists' => 'This vehicle is not known at this school; choose one from the list.',
            'checklist_id.exists' => 'This checklist is not known at this school; choose one from the list.',
        ];
    }

    public function attemptId(): string
    {
        return mb_strtolower($this->string('id')->toString());
    }

    public function student(): Student
    {
        return Student::query()->findOrFail($this->integer('student_id'));
    }

    public function vehicle(): StoredVehicle
    {
        return StoredVehicle::query()->findOrFail($this->integer('vehicle_id'));
    }

    public function checklist(): StoredChecklist
    {
        return StoredChecklist::query()->findOrFail($this->integer('checklist_id'));
    }

    /** "draw", the id of a form, or null for everything. */
    public function form(): ?string
    {
        return $this->filled('form') ? $this->string('form')->toString() : null;
    }

    private function ofThisSchool(string $table): Exists
    {
        return Rule::exists($table, 'id')->where('school_id', $this->signedIn()->school_id);
    }
}
