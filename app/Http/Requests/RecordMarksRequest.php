<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Attempt;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Pasada\Core\Attempt\MarkKind;
use Pasada\Core\Catalogue\Point;

/** The shape of the batch; each mark is checked against its sheet by the core's MarkReader. */
#[OA\Schema(required: ['recorder', 'marks'], properties: [
    new OA\Property(property: 'recorder', type: 'string', format: 'uuid', description: 'the device; its clock only runs forward'),
    new OA\Property(property: 'marks', type: 'array', minItems: 1, maxItems: self::MOST, items: new OA\Items(ref: '#/components/schemas/Mark')),
])]
#[OA\Schema(schema: 'Mark', required: ['id', 'at_ms', 'kind'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid', description: 'made by the page; sending it twice counts once'),
    new OA\Property(property: 'at_ms', type: 'integer', description: 'time in the walk, in milliseconds'),
    new OA\Property(property: 'kind', type: 'string', enum: MarkKind::class),
    new OA\Property(property: 'item', type: 'string'),
    new OA\Property(property: 'points', type: 'array', items: new OA\Items(type: 'string', enum: Point::class)),
    new OA\Property(property: 'place', type: 'string'),
    new OA\Property(property: 'text', type: 'string'),
    new OA\Property(property: 'undoes', type: 'string', format: 'uuid'),
])]
final class RecordMarksRequest extends FormRequest
{
    use SignedIn;

    /** A whole walk sent at once after hours offline fits twice. */
    public const MOST = 1500;

    public function authorize(): bool
    {
        Gate::authorize('mark', $this->attempt());

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['recorder' => ['required', 'uuid'], 'marks' => ['required', 'array', 'list', 'min:1', 'max:'.self::MOST]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'marks.required' => 'There is no mark in this batch: send {"recorder": ..., "marks": [...]} as JSON.',
            'marks.max' => 'Send at most :max marks at a time.',
        ];
    }

    public function attempt(): Attempt
    {
        $attempt = $this->route('attempt');
        assert($attempt instanceof Attempt);

        return $attempt;
    }

    public function recorder(): string
    {
        return mb_strtolower($this->string('recorder')->toString());
    }

    /** @return array{marks: mixed} */
    public function document(): array
    {
        return ['marks' => $this->input('marks')];
    }
}
