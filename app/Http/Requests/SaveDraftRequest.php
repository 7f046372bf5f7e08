<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(required: ['step', 'document'], properties: [
    new OA\Property(property: 'step', type: 'integer', description: 'the step that the change was made on'),
    new OA\Property(property: 'document', type: 'object', description: 'the whole document'),
])]
final class SaveDraftRequest extends FormRequest
{
    use ChangesDraft;
    use SignedIn;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['step' => ['required', 'integer', 'min:0'], 'document' => ['required', 'array']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'step.*' => 'Send the step of the draft that the change was made on.',
            'document.*' => 'Send the whole document as an object.',
        ];
    }

    /** The document as it was sent: an empty object stays one, which an array would not tell from an empty list. */
    public function document(): stdClass
    {
        $body = json_decode($this->getContent());
        $document = $body instanceof stdClass ? ($body->document ?? null) : null;

        return $document instanceof stdClass ? $document : new stdClass;
    }
}
