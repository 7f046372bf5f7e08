<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['archived'], properties: [new OA\Property(property: 'archived', type: 'boolean')])]
final class ArchiveStudentRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('change', $this->route('student'));

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['archived' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['archived.*' => 'Say whether the student is archived: true or false.'];
    }
}
