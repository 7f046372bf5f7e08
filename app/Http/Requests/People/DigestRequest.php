<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** The digest that stands on a printed sheet. */
final class DigestRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('study', $this->route('attempt'));

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['digest' => ['required', 'string', 'regex:/^[0-9a-f]{16,64}$/D']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['digest.*' => 'Give the digest as it is printed: 16 digits at least, from 0 to 9 and a to f.'];
    }
}
