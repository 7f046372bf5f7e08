<?php

declare(strict_types=1);

namespace App\Http\Requests\Progress;

use App\Http\Requests\NamesInspection;
use App\Http\Requests\People\OfStudent;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Pasada\Core\Inspection\Scope;

/** The core's PieceReader reads and checks the pieces. */
#[
    OA\Schema(
        required: ['checklist_id', 'vehicle_id', 'scope', 'pieces'],
        properties: [
            new OA\Property(property: 'checklist_id', type: 'integer'),
            new OA\Property(property: 'vehicle_id', type: 'integer'),
            new OA\Property(
                property: 'scope', type: 'string',
                description: '"whole", "section:ID", "place:ID", "axle:ID" or "item:ID"',
            ),
            new OA\Property(
                property: 'pieces', type: 'array', items: new OA\Items(type: 'object', additionalProperties: true),
                description: 'all words so far, as LivePiecesRequest has them',
            ),
        ],
    ),
]
final class RehearseRequest extends FormRequest
{
    use NamesInspection {
        rules as private rulesOfInspection;
    }
    use OfStudent;

    public function authorize(): bool
    {
        Gate::authorize('view', $this->student());

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            ...$this->rulesOfInspection(),
            'scope' => ['required', 'string', 'max:120'],
            'pieces' => ['sometimes', 'array', 'list'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'scope.*' => 'Say what is rehearsed: "whole", "section:ID", "place:ID", "axle:ID" or "item:ID".',
            'pieces.*' => 'Send the words so far as {"pieces": [{"from_ms": ..., "text": ...}, ...]}.',
        ];
    }

    public function scope(): Scope
    {
        return Scope::of($this->string('scope')->toString());
    }

    /** @return array<mixed> */
    public function pieces(): array
    {
        $pieces = $this->input('pieces', []);

        return is_array($pieces) ? $pieces : [];
    }
}
