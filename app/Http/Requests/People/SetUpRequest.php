<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Unique;
use OpenApi\Attributes as OA;

/** The first school of an installation and who manages it. */
#[OA\Schema(required: ['code', 'school', 'state', 'name', 'email', 'password'], properties: [
    new OA\Property(property: 'code', type: 'string', description: 'that ./pasada up --school printed'),
    new OA\Property(property: 'school', type: 'string', maxLength: 120),
    new OA\Property(property: 'state', type: 'string', maxLength: 60),
    new OA\Property(property: 'time_zone', type: 'string'),
    new OA\Property(property: 'name', type: 'string', maxLength: 120),
    new OA\Property(property: 'email', type: 'string', maxLength: 200),
    new OA\Property(property: 'password', type: 'string'),
])]
final class SetUpRequest extends FormRequest
{
    /** @return array<string, list<string|Unique|NameRule>> */
    public function rules(): array
    {
        return [
            'code' => ['required', 'string', 'max:40'],
            'school' => ['required', 'string', 'max:120'],
            'state' => ['required', 'string', 'max:60'],
            'time_zone' => ['nullable', 'timezone:all'],
            'name' => ['required', 'string', new NameRule],
            'email' => ['required', 'string', 'email', 'max:200', Rule::unique(User::class, 'email')],
            'password' => ['required', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give a name.',
            'name.string' => 'Give a name.',
            'code.*' => 'Enter the code that ./pasada up --school printed.',
            'school.*' => 'Give the name of the school, in 120 letters at most.',
            'state.*' => 'Give the state whose checklist is scored.',
            'time_zone.*' => 'This time zone is not known. Write it as America/Chicago.',
            'email.unique' => 'This address belongs to an account already. Use another one.',
            'email.*' => 'Give an address to sign in with, as name@school.example.',
            'password.*' => 'Choose a password.',
        ];
    }

    /** @return array{school: string, state: string, time_zone: string, name: string, email: string} */
    public function told(): array
    {
        return [
            'school' => $this->string('school')->squish()->toString(),
            'state' => $this->string('state')->squish()->toString(),
            'time_zone' => $this->string('time_zone', 'America/New_York')->toString(),
            'name' => $this->string('name')->squish()->toString(),
            'email' => mb_strtolower($this->string('email')->trim()->toString()),
        ];
    }
}
