<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\Walk\MarksAttempt;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

/** The shape of the batch; the core's BenchEntryReader reads and checks each line. */
#[
    OA\Schema(
        required: ['events'],
        properties: [
            new OA\Property(
                property: 'events',
                type: 'array',
                maxItems: self::MOST,
                items: new OA\Items(ref: '#/components/schemas/BrakeEntry'),
            ),
        ],
    ),
]
final class BrakeEventsRequest extends FormRequest
{
    use MarksAttempt;
    use SignedIn;

    public const MOST = 2000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['events' => ['present', 'array', 'list', 'max:'.self::MOST]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['events.*' => 'Send what was observed as {"events": [...]}, at most '.self::MOST.' at a time.'];
    }

    /** @return array{events: mixed} */
    public function document(): array
    {
        return ['events' => $this->input('events')];
    }
}
