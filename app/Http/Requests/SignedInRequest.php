<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A request that brings nothing but who sends it. */
final class SignedInRequest extends FormRequest
{
    use SignedIn;

    /** @return array<string, never> */
    public function rules(): array
    {
        return [];
    }
}
