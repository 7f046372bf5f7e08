<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use App\Http\Resources\RespondsAsJson;
use App\Models\ExamResult;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** What came of a real exam, beside what had been foretold. */
#[OA\Schema]
final readonly class ExamResultResource implements Responsable
{
    use RespondsAsJson;

    /** @param  list<string>  $missed */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $held_on,
        #[OA\Property] public bool $passed,
        #[OA\Property] public ?string $form,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $missed,
        #[OA\Property(description: 'as foretold from what was known before; null where nothing was')]
        public ?float $chance,
        #[OA\Property] public ?float $low,
        #[OA\Property] public ?float $high,
    ) {}

    public static function of(ExamResult $one): self
    {
        return new self(
            $one->id, $one->held_on->toDateString(), $one->passed, $one->form, $one->missed ?? [], $one->chance,
            $one->low, $one->high,
        );
    }
}
