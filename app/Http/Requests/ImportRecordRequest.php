<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Attempt;
use App\Models\Student;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['student_id', 'record'], properties: [
    new OA\Property(property: 'student_id', type: 'integer'),
    new OA\Property(property: 'record', type: 'object', description: 'pasada-record/1'),
])]
final class ImportRecordRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('bring', Attempt::class);

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['student_id' => ['required', 'integer'], 'record' => ['required', 'array']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'student_id.required' => 'Choose whose attempt it is.',
            'record.required' => 'Choose a file with a record.',
        ];
    }

    public function student(): Student
    {
        return Student::ofSchool($this->signedIn()->school_id)->findOrFail($this->integer('student_id'));
    }

    /**
     * As it was sent: an empty text in it is one, which Laravel would make nothing of.
     *
     * @return array<mixed>
     */
    public function record(): array
    {
        $body = json_decode($this->getContent(), true);

        return is_array($body) && is_array($body['record'] ?? null) ? $body['record'] : [];
    }
}
