<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use Pasada\Core\Listening\Cue;
use Pasada\Core\Listening\Transcript;

#[OA\Schema(required: ['pieces'], properties: [
    new OA\Property(property: 'pieces', type: 'array', maxItems: self::MOST, items: new OA\Items(ref: '#/components/schemas/CaptionResource'), description: 'the words so far, at least those of the last minutes'),
])]
final class LivePiecesRequest extends FormRequest
{
    use SignedIn;

    public const MOST = 400;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['pieces' => ['required', 'array', 'list', 'max:'.self::MOST], 'pieces.*.from_ms' => ['required', 'integer', 'min:0'], 'pieces.*.text' => ['required', 'string', 'max:2000']];
    }

    public function transcript(): Transcript
    {
        $cues = [];
        foreach ((array) $this->input('pieces') as $piece) {
            if (is_array($piece) && is_numeric($piece['from_ms'] ?? null) && is_string($piece['text'] ?? null)) {
                $cues[] = new Cue((float) $piece['from_ms'] / 1000, $piece['text']);
            }
        }

        return new Transcript($cues);
    }
}
