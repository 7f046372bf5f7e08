<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['events', 'taken_back'], properties: [
    new OA\Property(property: 'events', type: 'array', maxItems: self::MOST, items: new OA\Items(ref: '#/components/schemas/BrakeEvent')),
    new OA\Property(property: 'taken_back', type: 'array', maxItems: self::MOST_TAKEN_BACK, items: new OA\Items(ref: '#/components/schemas/BrakeEvent')),
])]
final class BrakeRunRequest extends FormRequest
{
    use SignedIn;

    public const MOST = 2000;

    /** Lists that were taken in and replaced stay readable; some of them may be long. */
    public const MOST_TAKEN_BACK = 20_000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['events' => ['present', 'array', 'list', 'max:'.self::MOST], 'taken_back' => ['present', 'array', 'list', 'max:'.self::MOST_TAKEN_BACK]];
    }

    /** @return array{events: mixed, taken_back: mixed} */
    public function document(): array
    {
        return ['events' => $this->input('events'), 'taken_back' => $this->input('taken_back')];
    }
}
