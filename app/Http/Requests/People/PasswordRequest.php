<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

/** A password that somebody sets by a link. */
#[OA\Schema(required: ['password'], properties: [new OA\Property(property: 'password', type: 'string')])]
final class PasswordRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['password' => ['required', 'string', 'max:500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.*' => 'Choose a password.'];
    }
}
