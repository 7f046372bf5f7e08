<?php

declare(strict_types=1);

namespace App\Http\Resources\Brakes;

use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BenchLog;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Judgment;
use Pasada\Core\Brakes\Judging\Outcome;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepInstructions;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Scoring\BenchMarks;

/** A step of the brake tests: what it asks for, how it stands, and the marks that it makes on the sheet. */
#[OA\Schema]
final readonly class BrakeStepResource
{
    /**
     * @param  list<string>  $needs
     * @param  list<string>  $observed
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
        #[OA\Property(nullable: true, description: 'when it began')] public ?int $at_ms,
        #[OA\Property(description: 'whether it is the vehicle that is not as it should be')] public bool $of_vehicle,
        #[
            OA\Property(
                nullable: true,
                description: 'the moment that an open question is about, where its answer belongs; null where '.
                    'nothing is asked',
            ),
        ]
        public ?int $asked_at_ms,
        #[
            OA\Property(
                type: 'string',
                enum: EventKind::class,
                nullable: true,
                description: 'the event, with both gauges, that answers it',
            ),
        ]
        public ?string $answered_by,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(type: 'string'),
            description: 'kind and state of the events that belong to it, as "pedal:down", in the usual order',
        )]
        public array $observed,
    ) {}

    /**
     * @param  Inspection|null  $inspection  on whose sheet the steps make marks
     * @param  BenchLog|null  $log  which tells when in the walk they were seen
     * @return list<self> in the order of the sequence
     */
    public static function all(
        Judgment $judgment, Sequence $sequence, BrakedVehicle $vehicle, ?Inspection $inspection = null,
        ?BenchLog $log = null,
    ): array {
        return array_map(
            static fn (StepVerdict $step, StepRule $rule): self => new self(
                $step->test->value,
                ucfirst($step->test->label()),
                $step->outcome->value,
                $step->what,
                StepInstructions::of($rule, $vehicle->combination),
                $rule->limits->low,
                $rule->limits->high,
                $inspection === null
                    ? []
                    : array_map(
                        static fn (array $mark): object => (object) array_filter(
                            [...$mark, 'at_ms' => $log?->walkMsAt($step->atMs)],
                            static fn (mixed $field): bool => $field !== null,
                        ),
                        BenchMarks::of($step, $inspection),
                    ),
                $step->atMs,
                $step->isOfVehicle,
                $step->question?->atMs,
                $step->question?->answeredBy->value,
                $vehicle->observed($step->test),
            ),
            $judgment->steps,
            $sequence->rules($vehicle),
        );
    }
}
