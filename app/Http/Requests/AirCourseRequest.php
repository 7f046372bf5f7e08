<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Library\AirCab;
use App\Models\CabHelp;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\Air\CabDrill;
use Pasada\Core\Brakes\Air\CabFault;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventReader;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;

#[
    OA\Schema(
        required: ['vehicle_id', 'checklist_id', 'start_psi', 'until_ms', 'controls'],
        properties: [
            new OA\Property(property: 'vehicle_id', type: 'integer'),
            new OA\Property(property: 'checklist_id', type: 'integer'),
            new OA\Property(property: 'start_psi', type: 'number'),
            new OA\Property(
                property: 'drill',
                type: 'string',
                enum: CabDrill::class,
                nullable: true,
                description: 'the part of the sequence that is practiced; all of it where it is left out',
            ),
            new OA\Property(
                property: 'faults',
                type: 'string',
                description: 'what the start of the practice gave; sealed',
            ),
            new OA\Property(property: 'from_ms', type: 'integer', description: 'samples before it are left out'),
            new OA\Property(property: 'until_ms', type: 'integer', maximum: self::LONGEST_MS),
            new OA\Property(
                property: 'help',
                type: 'string',
                enum: CabHelp::class,
                description: 'how much the cab tells; guided where it is left out',
            ),
            new OA\Property(
                property: 'id',
                type: 'string',
                format: 'uuid',
                description: 'of a practice that is kept, made by the page; sending it twice keeps it once',
            ),
            new OA\Property(
                property: 'suspected',
                type: 'string',
                nullable: true,
                description: 'the fault that the student says it is',
            ),
            new OA\Property(property: 'hidden', type: 'boolean', description: 'whether the fault was to be found'),
            new OA\Property(property: 'keep', type: 'boolean', description: 'whether a judged practice is kept'),
            new OA\Property(
                property: 'controls',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/BrakeEvent'),
            ),
        ],
    ),
]
final class AirCourseRequest extends FormRequest
{
    use SignedIn;

    /** Half an hour: the whole sequence takes ten minutes. */
    public const LONGEST_MS = 1_800_000;

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'id' => ['nullable', 'uuid'],
            'vehicle_id' => ['required', 'integer'],
            'checklist_id' => ['required', 'integer'],
            'start_psi' => ['required', 'numeric', 'min:0', 'max:140'],
            'faults' => ['nullable', 'string', 'max:2000'],
            'keep' => ['boolean'],
            'hidden' => ['boolean'],
            'suspected' => ['nullable', 'string', Rule::enum(CabFault::class)],
            'drill' => ['nullable', Rule::enum(CabDrill::class)],
            'help' => [Rule::enum(CabHelp::class)],
            'from_ms' => ['integer', 'min:0'],
            'until_ms' => ['required', 'integer', 'min:0', 'max:'.self::LONGEST_MS],
            'controls' => ['present', 'array', 'list', 'max:2000'],
        ];
    }

    public function practiceId(): ?string
    {
        return $this->filled('id') ? mb_strtolower($this->string('id')->toString()) : null;
    }

    public function suspected(): ?CabFault
    {
        return $this->enum('suspected', CabFault::class);
    }

    public function cab(): AirCab
    {
        $vehicle = StoredVehicle::ofSchool($this->signedIn()->school_id)->findOrFail($this->integer('vehicle_id'));

        return AirCab::in($vehicle, $this->string('faults')->toString(), $this->float('start_psi'));
    }

    public function drill(): ?CabDrill
    {
        return $this->enum('drill', CabDrill::class);
    }

    public function help(): CabHelp
    {
        return $this->enum('help', CabHelp::class) ?? CabHelp::Guided;
    }

    public function checklist(): StoredChecklist
    {
        return StoredChecklist::ofSchool($this->signedIn()->school_id)->findOrFail($this->integer('checklist_id'));
    }

    /** @return list<BrakeEvent> */
    public function controls(): array
    {
        $controls = (new EventReader)->read((string) json_encode(['events' => $this->input('controls')]), 'controls');
        foreach ($controls as $n => $control) {
            if ($control->atMs > self::LONGEST_MS) {
                throw DocumentHasFaults::in('controls', [
                    Fault::at(
                        "controls[$n].at_ms",
                        'is more than half an hour after the start; a practice takes no longer',
                    ),
                ]);
            }
        }

        return $controls;
    }
}
