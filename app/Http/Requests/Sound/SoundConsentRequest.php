<?php

declare(strict_types=1);

namespace App\Http\Requests\Sound;

use App\Http\Requests\SignedIn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** The student says it, or whoever scores or manages asks the student and keeps the answer. */
#[OA\Schema(required: ['agrees'], properties: [new OA\Property(property: 'agrees', type: 'boolean')])]
final class SoundConsentRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('view', $this->route('student'));

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['agrees' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['agrees.*' => 'Say whether the student agrees: true or false.'];
    }
}
