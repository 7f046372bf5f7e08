<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\Walk\MarksAttempt;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventFile;

#[
    OA\Schema(
        required: ['id', 'content', 'name'],
        properties: [
            new OA\Property(
                property: 'id',
                type: 'string',
                format: 'uuid',
                description: 'made by the page; the same list sent twice is taken in once',
            ),
            new OA\Property(
                property: 'content',
                type: 'string',
                description: 'a list of events or a trace, as JSON or CSV',
            ),
            new OA\Property(property: 'name', type: 'string', maxLength: 200),
        ],
    ),
]
final class BrakeFileRequest extends FormRequest
{
    use MarksAttempt;
    use SignedIn;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'content' => ['required', 'string'],
            'name' => ['required', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Send an id of the list, a UUID made by the page, so that sending it twice takes it in once.',
            'content.*' => 'Choose a file with a list of events or a trace.',
            'name.*' => 'Name the file, in at most 200 letters.',
        ];
    }

    public function importId(): string
    {
        return mb_strtolower($this->string('id')->toString());
    }

    public function fileName(): string
    {
        return $this->string('name')->toString();
    }

    /** @return list<BrakeEvent> */
    public function events(): array
    {
        return EventFile::read($this->string('content')->toString(), $this->fileName());
    }
}
