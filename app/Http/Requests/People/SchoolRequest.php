<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use App\Models\Role;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name', 'state', 'time_zone', 'two_factor_roles', 'start_is_done'], properties: [
    new OA\Property(property: 'name', type: 'string', maxLength: 120),
    new OA\Property(property: 'state', type: 'string', maxLength: 60),
    new OA\Property(property: 'time_zone', type: 'string'),
    new OA\Property(
        property: 'two_factor_roles', type: 'array', items: new OA\Items(type: 'string', enum: Role::class),
        description: 'of whom a code is asked at the sign-in',
    ),
    new OA\Property(
        property: 'keeps_sound', type: 'boolean', description: 'walks may be recorded; as it was where it is not told',
    ),
    new OA\Property(property: 'start_is_done', type: 'boolean', description: 'the guided start is put away'),
])]
final class SchoolRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('manage', User::class);

        return true;
    }

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'state' => ['required', 'string', 'max:60'],
            'time_zone' => ['required', 'timezone:all'],
            'two_factor_roles' => ['present', 'array', 'list'],
            'two_factor_roles.*' => ['distinct', Rule::enum(Role::class)],
            'start_is_done' => ['required', 'boolean'],
            'keeps_sound' => ['sometimes', 'boolean'],
        ];
    }

    /**
     * @return array{name: string, state: string, time_zone: string, two_factor_roles: list<mixed>, keeps_sound?: bool}
     */
    public function told(): array
    {
        return [
            'name' => $this->string('name')->squish()->toString(),
            'state' => $this->string('state')->squish()->toString(),
            'time_zone' => $this->string('time_zone')->toString(),
            'two_factor_roles' => array_values((array) $this->input('two_factor_roles')),
            ...($this->has('keeps_sound') ? ['keeps_sound' => $this->boolean('keeps_sound')] : []),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Give the name of the school, in 120 letters at most.',
            'state.*' => 'Give the state whose checklist is scored.',
            'time_zone.*' => 'This time zone is not known. Write it as America/Chicago.',
            'keeps_sound.*' => 'Say whether walks may be recorded: true or false.',
            '*' => 'Choose among the roles.',
        ];
    }
}
