<?php

declare(strict_types=1);

namespace App\Http\Requests\Sound;

use App\Http\Requests\SignedIn;
use App\Http\Requests\Walk\MarksAttempt;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['recorder', 'from_ms', 'kind'], properties: [
    new OA\Property(property: 'recorder', type: 'string', format: 'uuid', description: 'of the page that records'),
    new OA\Property(property: 'from_ms', type: 'integer', description: 'of the clock of the walk'),
    new OA\Property(property: 'kind', type: 'string', description: 'media type, as audio/webm;codecs=opus'),
])]
final class BeginSoundRequest extends FormRequest
{
    use MarksAttempt;
    use SignedIn;

    /** A walk of twelve hours is none. */
    public const MOST_MS = 12 * 3600 * 1000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'recorder' => ['required', 'uuid'],
            'from_ms' => ['required', 'integer', 'between:0,'.self::MOST_MS],
            'kind' => ['required', 'string', 'regex:#^audio/(webm|mp4|ogg|mpeg|wav|x-wav|flac|aac)(;[\w =.,"-]*)?$#',
                'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'recorder.*' => 'Say which page records, by an id of its own.',
            'from_ms.*' => 'Say when the recording began, in milliseconds of the walk.',
            'kind.*' => 'This is no sound that is taken. WebM, MP4, OGG, MP3, WAV and FLAC are.',
        ];
    }
}
