<?php

declare(strict_types=1);

namespace App\Http\Requests\Progress;

use App\Http\Requests\NamesInspection;
use App\Http\Requests\People\OfStudent;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[
    OA\Schema(
        required: ['id', 'checklist_id', 'vehicle_id', 'item', 'words'],
        properties: [
            new OA\Property(
                property: 'id', type: 'string', format: 'uuid', description: 'made by the page: sent twice, kept once',
            ),
            new OA\Property(property: 'checklist_id', type: 'integer'),
            new OA\Property(property: 'vehicle_id', type: 'integer'),
            new OA\Property(property: 'item', type: 'string'),
            new OA\Property(property: 'words', type: 'string', maxLength: 2000),
        ],
    ),
]
final class ReciteRequest extends FormRequest
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
            'id' => ['required', 'uuid'],
            'item' => ['required', 'string', 'max:80'],
            'words' => ['required', 'string', 'max:2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'words.max' => 'That is more than a part takes. Keep to 2,000 letters.',
            'words.*' => 'Say or type what you would say of this part.',
        ];
    }
}
