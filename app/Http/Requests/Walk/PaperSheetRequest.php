<?php

declare(strict_types=1);

namespace App\Http\Requests\Walk;

use App\Actions\Record\PaperSheet;
use App\Http\Requests\NamesInspection;
use App\Library\Examining;
use App\Models\Attempt;
use App\Models\AttemptMode;
use App\Models\Student;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Validator;
use OpenApi\Attributes as OA;

#[
    OA\Schema(
        required: [
            'id', 'student_id', 'vehicle_id', 'checklist_id', 'mode', 'started_at', 'minutes', 'heard',
        ],
        properties: [
            new OA\Property(property: 'id', type: 'string', format: 'uuid', description: 'made by the page'),
            new OA\Property(property: 'student_id', type: 'integer'),
            new OA\Property(property: 'vehicle_id', type: 'integer'),
            new OA\Property(property: 'checklist_id', type: 'integer'),
            new OA\Property(property: 'form', type: 'string', nullable: true, description: 'null asks everything'),
            new OA\Property(property: 'mode', type: 'string', enum: AttemptMode::class),
            new OA\Property(property: 'started_at', type: 'string', format: 'date-time'),
            new OA\Property(property: 'minutes', type: 'integer', minimum: 1, maximum: 600),
            new OA\Property(
                property: 'heard', type: 'array', description: 'what is marked on the sheet; the rest was not heard',
                items: new OA\Items(required: ['item'], properties: [
                    new OA\Property(property: 'item', type: 'string'),
                    new OA\Property(
                        property: 'points', type: 'array', nullable: true,
                        description: 'leave it out where the whole is marked', items: new OA\Items(type: 'string'),
                    ),
                ], type: 'object'),
            ),
            new OA\Property(property: 'note', type: 'string', nullable: true),
        ],
    ),
]
final class PaperSheetRequest extends FormRequest
{
    use NamesInspection {
        rules as inspection;
    }

    private const LONGEST_MINUTES = 600;

    private const WHEN = 'Say when the walk began: a day and a time between the day the school opened and now.';

    public function authorize(): bool
    {
        Gate::authorize('create', Attempt::class);

        return true;
    }

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            ...$this->inspection(),
            'id' => ['required', 'uuid'],
            'student_id' => ['required', 'integer'],
            'mode' => ['required', Rule::enum(AttemptMode::class)],
            'started_at' => ['bail', 'required', 'string', 'max:40', 'date'],
            'minutes' => ['required', 'integer', 'min:1', 'max:'.self::LONGEST_MINUTES],
            'heard' => ['present', 'array', 'list', 'max:1000'],
            'heard.*' => ['array:item,points'],
            'heard.*.item' => ['required', 'string', 'max:120'],
            'heard.*.points' => ['nullable', 'array', 'list', 'min:1', 'max:40'],
            'heard.*.points.*' => ['string', 'max:60'],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return list<Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $checked): void {
            if ($checked->errors()->isNotEmpty()) {
                return;
            }
            if (! $this->signedIn()->school->hasLived($this->startedAt(), Carbon::now())) {
                $checked->errors()->add('started_at', self::WHEN);
            }
            $isExam = $this->input('mode') === AttemptMode::Exam->value;
            $faults = $isExam ? Examining::faults($this->signedIn(), $this->student(), $this->form()) : [];
            foreach ($faults as $field => $why) {
                $checked->errors()->add($field, $why);
            }
        }];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Send an id of the sheet, a UUID made by the page.',
            'student_id.*' => 'Choose whose sheet it is.',
            'vehicle_id.*' => 'Choose the vehicle that was walked.',
            'checklist_id.*' => 'Choose the checklist that stands on the sheet, in its version.',
            'mode.*' => 'An attempt is a practice or an examination ("exam").',
            'started_at.*' => self::WHEN,
            'minutes.*' => sprintf('Say how many minutes it took: 1 to %d.', self::LONGEST_MINUTES),
            'heard.*' => 'What is marked is sent as a list of items, each with its points or none.',
            'note.*' => 'Write the note in at most 500 letters.',
        ];
    }

    public function sheet(): PaperSheet
    {
        /** @var list<array{item: string, points?: list<string>|null}> $heard checked by rules() */
        $heard = $this->input('heard');

        return new PaperSheet(
            mb_strtolower($this->string('id')->toString()), $this->student(), $this->checklist(), $this->vehicle(),
            $this->form(), AttemptMode::from($this->string('mode')->toString()),
            $this->startedAt(), $this->integer('minutes'),
            array_map(static fn (array $one): array => [
                'item' => $one['item'], 'points' => $one['points'] ?? null,
            ], $heard),
            $this->string('note')->trim()->toString(),
        );
    }

    private function startedAt(): Carbon
    {
        return Carbon::parse($this->string('started_at')->toString())->utc();
    }

    private function student(): Student
    {
        return Student::ofSchool($this->signedIn()->school_id)->findOrFail($this->integer('student_id'));
    }
}
