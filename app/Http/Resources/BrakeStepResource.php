<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Outcome;

/** A step of the brake tests: what it asks for, how it stands, and the marks that it makes on the sheet. */
#[OA\Schema]
final readonly class BrakeStepResource
{
    /**
     * @param  list<string>  $needs
     * @param  list<object>  $marks
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: BrakeTest::class)]
        public string $test,
        #[OA\Property]
        public string $label,
        #[OA\Property(type: 'string', enum: Outcome::class)]
        public string $outcome,
        #[OA\Property]
        public string $what,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $needs,
        #[OA\Property(type: 'number', nullable: true)]
        public ?float $low,
        #[OA\Property(type: 'number', nullable: true)]
        public ?float $high,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'object', additionalProperties: true))]
        public array $marks,
    ) {}
}
