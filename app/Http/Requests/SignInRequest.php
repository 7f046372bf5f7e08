<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['email', 'password'], properties: [
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'password', type: 'string'),
    new OA\Property(property: 'code', type: 'string', description: 'of the second factor, where there is one'),
])]
final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:255'],
            'password' => ['required', 'string', 'max:255'],
            'code' => ['nullable', 'string', 'max:40'],
        ];
    }

    public function email(): string
    {
        return $this->string('email')->trim()->toString();
    }

    public function code(): ?string
    {
        return $this->filled('code') ? $this->string('code')->toString() : null;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email.string' => 'Give the address you sign in with, as text.',
            'password.string' => 'Give your password, as text.',
            'code.string' => 'Give the code as text.',
            '*.max' => 'This is longer than any address or password here.',
            'email.required' => 'Give the address you sign in with.',
            'password.required' => 'Give your password.',
        ];
    }
}
