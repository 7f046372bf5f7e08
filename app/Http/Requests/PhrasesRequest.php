<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Draft;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[
    OA\Schema(
        required: ['phrases'],
        properties: [new OA\Property(property: 'phrases', type: 'array', items: new OA\Items(type: 'string'))],
    ),
]
final class PhrasesRequest extends FormRequest
{
    use SignedIn;

    private const MOST = 40;

    public function authorize(): bool
    {
        Gate::authorize('create', Draft::class);

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'phrases' => ['present', 'array', 'max:'.self::MOST],
            'phrases.*' => ['required', 'string', 'max:120'],
        ];
    }

    /** @return list<string> each once, without blanks around it */
    public function phrases(): array
    {
        /** @var list<string> $phrases */
        $phrases = $this->input('phrases');

        return array_values(array_unique(array_map(trim(...), $phrases)));
    }
}
