<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use App\Models\Role;
use App\Models\User;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\Unique;
use Illuminate\Validation\Validator;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name', 'email', 'roles'], properties: [
    new OA\Property(property: 'name', type: 'string', maxLength: 120),
    new OA\Property(property: 'email', type: 'string', maxLength: 200, description: 'to sign in with'),
    new OA\Property(
        property: 'roles', type: 'array', items: new OA\Items(type: 'string', enum: Role::class),
        description: 'one at least; a student is added with the student\'s record',
    ),
])]
final class SavePersonRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        $person = $this->person();
        $person === null ? Gate::authorize('manage', User::class) : Gate::authorize('change', $person);

        return true;
    }

    /** @return array<string, list<string|Enum|Unique|Closure|ValidationRule>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', new NameRule],
            'email' => ['required', 'string', 'email', 'max:200', Rule::unique(User::class, 'email')
                ->ignore($this->person()?->id)],
            'roles' => ['required', 'array', 'list', 'max:3'],
            'roles.*' => ['distinct', Rule::enum(Role::class)->except(Role::Student)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give a name.',
            'name.string' => 'Give a name.',
            'email.required' => 'Give an address to sign in with.',
            'email.unique' => 'This address belongs to an account already. Use another one.',
            'email.*' => 'This is no address; write it as name@school.example.',
            'roles.required' => 'Choose a role at least.',
            'roles.*' => 'Choose among instructor, examiner and manager, each once.',
        ];
    }

    /** @return list<Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $checked): void {
            if ($this->person()?->has(Role::Student) === true) {
                $checked->errors()->add('roles', 'A student\'s account is changed with the student\'s record.');
            }
        }];
    }

    public function person(): ?User
    {
        $person = $this->route('user');

        return $person instanceof User ? $person : null;
    }

    public function email(): string
    {
        return mb_strtolower($this->string('email')->trim()->toString());
    }

    /** @return non-empty-list<Role> */
    public function roles(): array
    {
        /** @var non-empty-list<string> $roles */
        $roles = $this->input('roles');

        return array_map(Role::from(...), $roles);
    }
}
