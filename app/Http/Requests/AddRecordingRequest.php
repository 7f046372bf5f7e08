<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\Walk\MarksAttempt;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[
    OA\Schema(
        required: ['id', 'name', 'content'],
        properties: [
            new OA\Property(
                property: 'id',
                type: 'string',
                format: 'uuid',
                description: 'made by the page; the same captions sent twice are added once',
            ),
            new OA\Property(property: 'name', type: 'string', maxLength: 200),
            new OA\Property(property: 'content', type: 'string', description: 'WebVTT, SRT, or text; at most 2 MB'),
        ],
    ),
]
final class AddRecordingRequest extends FormRequest
{
    use MarksAttempt;
    use SignedIn;

    public const LARGEST_BYTES = 2 * 1024 * 1024;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'name' => ['required', 'string', 'max:200'],
            'content' => [
                'required',
                'string',
                static function (string $attribute, mixed $value, callable $fail): void {
                    if (is_string($value) && strlen($value) > self::LARGEST_BYTES) {
                        $fail(
                            sprintf(
                                'These captions are %.1f MB large; at most 2 MB are taken. A walk of an hour has '.
                                    'about 0.1 MB: cut off what is not the walk.',
                                strlen($value) / 1048576,
                            ),
                        );
                    }
                },
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Send an id of the captions, a UUID made by the page.',
            'name.*' => 'Name the captions, in at most 200 letters.',
            'content.string' => 'Send the captions as text.',
            'content.required' => 'There are no words in it. Choose a caption file (WebVTT, SRT) or paste what was '.
                'said.',
        ];
    }

    public function recordingId(): string
    {
        return mb_strtolower($this->string('id')->toString());
    }

    public function recordingName(): string
    {
        return $this->string('name')->toString();
    }

    public function captions(): string
    {
        $content = $this->input('content');

        return is_string($content) ? $content : '';
    }
}
