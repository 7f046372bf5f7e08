<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use App\Models\Student;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Unique;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['email'], properties: [new OA\Property(property: 'email', type: 'string', maxLength: 200)])]
final class StudentAccountRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('change', $this->route('student'));

        return true;
    }

    /** @return array<string, list<string|Unique>> */
    public function rules(): array
    {
        $student = $this->route('student');

        return ['email' => ['required', 'string', 'email', 'max:200', Rule::unique(User::class, 'email')
            ->ignore($student instanceof Student ? $student->user_id : null)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email.unique' => 'This address belongs to an account already. Use another one.',
            'email.*' => 'Give an address to sign in with, as name@school.example.',
        ];
    }

    public function email(): string
    {
        return mb_strtolower($this->string('email')->trim()->toString());
    }
}
