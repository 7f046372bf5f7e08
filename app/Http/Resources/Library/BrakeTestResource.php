<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\StepSetting;

/** A brake test that a checklist can ask, and what it can set for it. */
#[OA\Schema]
final readonly class BrakeTestResource
{
    /** @param  list<StepFigureResource>  $figures */
    public function __construct(
        #[OA\Property(type: 'string', enum: BrakeTest::class)]
        public string $value,
        #[OA\Property]
        public string $label,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StepFigureResource::class))]
        public array $figures,
    ) {}

    public static function of(BrakeTest $test): self
    {
        $settings = $test->procedure()->settings();

        return new self($test->value, ucfirst($test->label()), array_map(
            static fn (string $key, string $unit): StepFigureResource => new StepFigureResource(
                $key, StepSetting::from($key)->label(), $unit,
            ),
            array_keys($settings),
            $settings,
        ));
    }
}
