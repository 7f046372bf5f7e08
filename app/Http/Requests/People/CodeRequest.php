<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

/** A code that the authenticator shows, the first time. */
#[OA\Schema(required: ['code'], properties: [new OA\Property(property: 'code', type: 'string')])]
final class CodeRequest extends FormRequest
{
    use SignedIn;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:40']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['code.*' => 'Enter the code that your authenticator shows.'];
    }
}
