<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Http\Resources\RespondsAsJson;
use App\Models\ExamAppointment;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** A real exam that is ahead, or was. */
#[OA\Schema]
final readonly class AppointmentResource implements Responsable
{
    use RespondsAsJson;

    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $held_on,
        #[OA\Property] public ?string $begins,
        #[OA\Property] public ?string $place,
        #[OA\Property] public ?string $examiner,
        #[OA\Property] public ?string $vehicle,
        #[OA\Property] public ?string $form,
        #[OA\Property] public bool $cancelled,
    ) {}

    public static function of(ExamAppointment $one): self
    {
        return new self(
            $one->id, $one->held_on->toDateString(), $one->begins, $one->place, $one->examiner, $one->vehicle,
            $one->form, $one->cancelled_at !== null,
        );
    }
}
