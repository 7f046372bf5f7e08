<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\Walk\MarksAttempt;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use Pasada\Core\Language\PieceReader;
use Pasada\Core\Language\Transcript;

/** The core's PieceReader reads and checks the pieces. */
#[
    OA\Schema(
        required: ['pieces'],
        properties: [
            new OA\Property(
                property: 'pieces',
                type: 'array',
                maxItems: PieceReader::MOST,
                items: new OA\Items(
                    required: ['from_ms'],
                    properties: [
                        new OA\Property(property: 'from_ms', type: 'integer'),
                        new OA\Property(property: 'text', type: 'string'),
                        new OA\Property(
                            property: 'alternatives',
                            type: 'array',
                            description: 'readings of a recognizer, in place of the text',
                            items: new OA\Items(
                                required: ['text', 'weight'],
                                properties: [
                                    new OA\Property(property: 'text', type: 'string'),
                                    new OA\Property(property: 'weight', type: 'number'),
                                ],
                                type: 'object',
                            ),
                        ),
                    ],
                    type: 'object',
                ),
                description: 'the words so far, at least those of the last minutes',
            ),
        ],
    ),
]
final class LivePiecesRequest extends FormRequest
{
    use MarksAttempt;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['pieces' => ['required', 'array', 'list']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['pieces.*' => 'Send the words so far as {"pieces": [{"from_ms": ..., "text": ...}, ...]}.'];
    }

    public function transcript(): Transcript
    {
        return (new PieceReader)->read(['pieces' => $this->input('pieces')]);
    }
}
