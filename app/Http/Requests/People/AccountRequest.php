<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

/** What somebody changes of the own account: whatever is about it asks for the password as it is now. */
#[OA\Schema(required: ['old'], properties: [
    new OA\Property(property: 'old', type: 'string', description: 'the password as it is now'),
    new OA\Property(property: 'password', type: 'string', description: 'the new one'),
])]
final class AccountRequest extends FormRequest
{
    use SignedIn;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'old' => ['required', 'string', 'max:500'],
            'password' => ['string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'old.required' => 'Give your password as it is now.', '*.string' => 'Send this as text.',
            '*.max' => 'This is too long.',
        ];
    }
}
