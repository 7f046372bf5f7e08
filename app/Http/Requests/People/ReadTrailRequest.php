<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\SignedIn;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** Which part of the trail. */
final class ReadTrailRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('manage', User::class);

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'words' => ['nullable', 'string', 'max:120'],
            'kind' => ['nullable', 'string', 'max:40'],
            'record' => ['nullable', 'string', 'max:64'],
            'from' => ['nullable', 'date_format:Y-m-d'],
            'to' => ['nullable', 'date_format:Y-m-d'],
            'before' => ['nullable', 'integer', 'min:1'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            '*.date_format' => 'Give the day as 2026-12-04.',
            '*.integer' => 'Give the number of a line.',
            '*.max' => 'This is too long.',
        ];
    }

    public function text(string $name): ?string
    {
        return $this->filled($name) ? $this->string($name)->toString() : null;
    }
}
