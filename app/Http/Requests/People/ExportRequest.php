<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Export\ExportFormat;
use App\Export\Selection;
use App\Http\Requests\SignedIn;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\Exists;

/** What is written, and as what. A student's own records are theirs; everything else is the manager's to take out. */
final class ExportRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        $student = is_numeric($this->query('student'))
            ? Student::ofSchool($this->signedIn()->school_id)->find((int) $this->query('student'))
            : null;
        if ($student instanceof Student) {
            Gate::authorize('view', $student);
        } else {
            Gate::authorize('manage', User::class);
        }

        return true;
    }

    /** @return array<string, list<string|Enum|Exists>> */
    public function rules(): array
    {
        $school = $this->signedIn()->school_id;

        return [
            'format' => ['required', Rule::enum(ExportFormat::class)],
            'student' => ['nullable', 'integer', Student::existsIn($school)],
            'class' => ['nullable', 'integer', SchoolClass::existsIn($school)],
            'from' => ['nullable', 'date_format:Y-m-d'],
            'to' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:from'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'format.*' => 'Choose json, csv, xlsx or xapi.',
            'student.*' => 'This student is not known at this school.',
            'class.*' => 'This class is not known at this school.',
            'to.after_or_equal' => 'The last day comes after the first; check both.',
            '*.date_format' => 'Give the day as 2026-12-04.',
        ];
    }

    public function exportFormat(): ExportFormat
    {
        return ExportFormat::from($this->string('format')->toString());
    }

    public function selection(): Selection
    {
        return new Selection(
            $this->signedIn()->school,
            $this->filled('student') ? $this->integer('student') : null,
            $this->filled('class') ? $this->integer('class') : null,
            $this->filled('from') ? $this->string('from')->toString() : null,
            $this->filled('to') ? $this->string('to')->toString() : null,
        );
    }
}
