<?php

declare(strict_types=1);

namespace App\Http\Requests\Sound;

use App\Http\Requests\SignedIn;
use App\Http\Requests\Walk\MarksAttempt;
use App\Models\Student;
use App\Speech\WaveFile;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** The body is the sound itself; what it is of, a walk or a student's rehearsal, stands in the address. */
final class UtteranceRequest extends FormRequest
{
    use MarksAttempt {
        authorize as private marksAttempt;
    }
    use SignedIn;

    private const MOST_MS = 20_000;

    public function authorize(): bool
    {
        $student = $this->route('student');

        return $student instanceof Student ? Gate::authorize('view', $student)->allowed() : $this->marksAttempt();
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'recorder' => ['required', 'uuid'],
            'from_ms' => ['required', 'integer', 'between:0,'.BeginSoundRequest::MOST_MS],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'recorder.*' => 'Say which page records, by an id of its own.',
            'from_ms.*' => 'Say when this was said, in milliseconds of the walk.',
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $bytes = strlen($this->getContent());
            if ($bytes === 0 || $bytes % 2 !== 0 || $bytes > self::MOST_MS * WaveFile::BYTES_OF_MS) {
                $validator->errors()->add(
                    'utterance', 'Send sound of 16 kHz, mono, 16 bit as the body, up to 20 s of it.',
                );
            }
        });
    }
}
