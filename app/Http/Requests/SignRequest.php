<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Party;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['party', 'name', 'strokes'], properties: [
    new OA\Property(property: 'party', type: 'string', enum: Party::class),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'strokes', type: 'array', description: 'x and y by turns, in thousandths of the pad', items: new OA\Items(type: 'array', items: new OA\Items(type: 'integer'))),
])]
final class SignRequest extends FormRequest
{
    private const MOST_POINTS = 4000;

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'party' => ['required', Rule::enum(Party::class)],
            'name' => ['required', 'string', 'max:120'],
            'strokes' => ['required', 'array', 'list', 'min:1', 'max:400'],
            'strokes.*' => ['required', 'array', 'list', 'min:4', 'max:'.self::MOST_POINTS],
            'strokes.*.*' => ['integer', 'between:0,1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['strokes.required' => 'There is no signature on the glass yet.', 'name.required' => 'Write the name beside the signature.'];
    }

    public function party(): Party
    {
        return Party::from($this->string('party')->toString());
    }

    /** @return list<list<int>> */
    public function strokes(): array
    {
        /** @var list<list<int>> $strokes checked by rules() */
        $strokes = $this->input('strokes');

        return $strokes;
    }
}
