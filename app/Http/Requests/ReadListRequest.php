<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use OpenApi\Attributes as OA;
use Pasada\Core\Listing\ListColumn;
use Pasada\Core\Listing\ListedPart;

#[OA\Schema(required: ['name', 'content'], properties: [
    new OA\Property(property: 'name', type: 'string', description: 'of the file, for what is told of it'),
    new OA\Property(property: 'content', type: 'string', description: 'XLSX, CSV or text, in base 64'),
    new OA\Property(
        property: 'columns',
        type: 'array',
        items: new OA\Items(type: 'string', enum: ListColumn::class),
        description: 'what each column holds; left out, it is guessed',
    ),
    new OA\Property(
        property: 'choices',
        type: 'object',
        description: 'by line: the id of a part, "new" or "skip"',
        additionalProperties: new OA\AdditionalProperties(type: 'string'),
    ),
])]
final class ReadListRequest extends FormRequest
{
    use ChangesDraft;
    use SignedIn;

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'content' => ['required', 'string', 'regex:~^[A-Za-z0-9+/=\s]+$~D'],
            'columns' => ['array', 'max:40'],
            'columns.*' => [Rule::enum(ListColumn::class)],
            'choices' => ['array', 'max:2000'],
            'choices.*' => ['string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Send the name of the file.',
            'content.*' => 'Send what the file holds, in base 64.',
            'columns.*' => 'Send for each column what it holds.',
            'choices.*' => 'Send for a line the id of a part, "'.ListedPart::MAKE_NEW.'" or "'.
                ListedPart::LEAVE_OUT.'".',
        ];
    }

    public function content(): string
    {
        $content = base64_decode($this->string('content')->toString(), true);

        return $content === false ? '' : $content;
    }

    /** @return list<ListColumn>|null */
    public function columns(): ?array
    {
        $columns = $this->array('columns');

        return $columns === []
            ? null
            : array_map(
                static fn (mixed $one): ListColumn => ListColumn::from(is_string($one) ? $one : ''),
                array_values($columns),
            );
    }

    /** @return array<int, string> */
    public function choices(): array
    {
        $choices = [];
        foreach ($this->array('choices') as $line => $choice) {
            if (is_string($choice)) {
                $choices[(int) $line] = $choice;
            }
        }

        return $choices;
    }
}
