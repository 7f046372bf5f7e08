<?php

declare(strict_types=1);

namespace App\Http\Requests\Walk;

use App\Models\Attempt;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['live'], properties: [new OA\Property(property: 'live', type: 'boolean')])]
final class ShareRequest extends FormRequest
{
    public function authorize(): bool
    {
        $attempt = $this->route('attempt');
        assert($attempt instanceof Attempt);
        Gate::authorize('share', $attempt);

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['live' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['live.*' => 'Say whether others may watch: {"live": true} or {"live": false}.'];
    }
}
