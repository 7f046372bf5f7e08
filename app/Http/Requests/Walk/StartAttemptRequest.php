<?php

declare(strict_types=1);

namespace App\Http\Requests\Walk;

use App\Http\Requests\SignedIn;
use App\Library\Examining;
use App\Library\Outages;
use App\Models\Attempt;
use App\Models\AttemptMode;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\Exists;
use Illuminate\Validation\Validator;
use OpenApi\Attributes as OA;

#[
    OA\Schema(
        required: ['id'],
        properties: [
            new OA\Property(
                property: 'id',
                type: 'string',
                format: 'uuid',
                description: 'made by the page, so that starting twice starts once',
            ),
            new OA\Property(property: 'student_id', type: 'integer'),
            new OA\Property(property: 'vehicle_id', type: 'integer'),
            new OA\Property(property: 'checklist_id', type: 'integer'),
            new OA\Property(
                property: 'form',
                type: 'string',
                nullable: true,
                description: 'id of a form set by hand, or "draw"; leave it out to ask everything',
            ),
            new OA\Property(property: 'mode', type: 'string', enum: AttemptMode::class),
            new OA\Property(
                property: 'walk_of',
                type: 'string',
                format: 'uuid',
                nullable: true,
                description: 'the attempt of another scorer at the same walk; all else follows from it',
            ),
            new OA\Property(
                property: 'started_at',
                type: 'string',
                format: 'date-time',
                description: 'when it was started without network',
            ),
        ],
    ),
]
final class StartAttemptRequest extends FormRequest
{
    use SignedIn;

    public function authorize(): bool
    {
        Gate::authorize('create', Attempt::class);
        $walk = is_string($this->input('walk_of')) ? Attempt::query()->find($this->input('walk_of')) : null;
        // Sent again after a lost answer, the attempt alongside is there already.
        if (
            $walk !== null &&
            ! Attempt::query()->whereKey($this->attemptId())->where('scorer_id', $this->signedIn()->id)->exists()
        ) {
            Gate::authorize('scoreAlongside', $walk);
        }

        return true;
    }

    /** @return array<string, list<string|Exists|Enum>> */
    public function rules(): array
    {
        $school = $this->signedIn()->school_id;

        return [
            'id' => ['required', 'uuid'],
            'student_id' => ['required_without:walk_of', 'integer', Student::existsIn($school)],
            'vehicle_id' => ['required_without:walk_of', 'integer', StoredVehicle::existsIn($school)],
            'checklist_id' => ['required_without:walk_of', 'integer', StoredChecklist::existsIn($school)],
            'form' => ['nullable', 'string', 'max:255'],
            'mode' => [Rule::enum(AttemptMode::class)],
            'walk_of' => ['nullable', 'uuid', Attempt::existsIn($school)],
            'started_at' => [
                'bail', 'nullable', 'string', 'max:40', 'date', 'before_or_equal:+5 minutes', 'after:-30 days',
            ],
        ];
    }

    /**
     * No examination on a vehicle that is out of service, where a practice that stands still may be, nor of chosen
     * sections.
     *
     * @return list<Closure(Validator): void>
     */
    public function after(Outages $outages): array
    {
        return [function (Validator $checked) use ($outages): void {
            if ($checked->errors()->isNotEmpty() || $this->input('mode') !== AttemptMode::Exam->value) {
                return;
            }
            $student = $this->filled('walk_of') ? null : $this->student();
            foreach (Examining::faults($this->signedIn(), $student, $this->form()) as $field => $why) {
                $checked->errors()->add($field, $why);
            }
            $reason = $this->filled('walk_of') ? null : $outages->of($this->vehicle());
            if ($reason !== null) {
                $checked->errors()->add('vehicle_id', sprintf(
                    'This vehicle is out of service: %s. Examine on another one, or have the manager bring it back.',
                    rtrim($reason, '.'),
                ));
            }
        }];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Send an id of the attempt, a UUID made by the page.',
            'mode.*' => 'An attempt is a practice or an examination ("exam").',
            'form.*' => 'Choose a form of the checklist, or have one drawn.',
            'student_id.integer' => 'Choose a student from the list.',
            'vehicle_id.integer' => 'Choose a vehicle from the list.',
            'checklist_id.integer' => 'Choose a checklist from the list.',
            'walk_of.uuid' => 'The walk to score alongside is not known at this school.',
            '*.required' => 'Choose a student, a vehicle and a checklist.',
            '*.required_without' => 'Choose a student, a vehicle and a checklist.',
            'student_id.exists' => 'This student is not known at this school; choose one from the list.',
            'vehicle_id.exists' => 'This vehicle is not known at this school; choose one from the list.',
            'walk_of.exists' => 'The walk to score alongside is not known at this school.',
            'started_at.*' => 'The time of the start lies in the future or more than a month back; check the clock '.
                'of this device.',
            'checklist_id.exists' => 'This checklist is not known at this school; choose one from the list.',
        ];
    }

    public function attemptId(): string
    {
        return mb_strtolower($this->string('id')->toString());
    }

    public function student(): Student
    {
        return Student::query()->findOrFail($this->integer('student_id'));
    }

    public function vehicle(): StoredVehicle
    {
        return StoredVehicle::query()->findOrFail($this->integer('vehicle_id'));
    }

    public function checklist(): StoredChecklist
    {
        return StoredChecklist::query()->findOrFail($this->integer('checklist_id'));
    }

    /** "draw", the id of a form, or null for everything. */
    public function form(): ?string
    {
        return $this->filled('form') ? $this->string('form')->toString() : null;
    }

    public function mode(): AttemptMode
    {
        return $this->filled('mode') ? AttemptMode::from($this->string('mode')->toString()) : AttemptMode::Practice;
    }

    public function walkOf(): ?Attempt
    {
        return $this->filled('walk_of') ? Attempt::query()->findOrFail($this->string('walk_of')->toString()) : null;
    }

    public function startedAt(Carbon $now): Carbon
    {
        return $this->filled('started_at') ? Carbon::parse($this->string('started_at')->toString()) : $now;
    }
}
