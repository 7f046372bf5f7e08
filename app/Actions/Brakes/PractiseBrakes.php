<?php

declare(strict_types=1);

namespace App\Actions\Brakes;

use App\Http\Resources\Brakes\AirCourseResource;
use App\Http\Resources\Brakes\BrakeStepResource;
use App\Http\Resources\Brakes\DiagnosisResource;
use App\Http\Resources\Brakes\PractisedResource;
use App\Http\Resources\Brakes\RefusedControlResource;
use App\Library\AirCab;
use App\Library\HiddenFaults;
use App\Models\BrakePractice;
use App\Models\CabHelp;
use App\Models\StoredChecklist;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Pasada\Core\Brakes\Air\AirSample;
use Pasada\Core\Brakes\Air\CabFault;
use Pasada\Core\Brakes\Air\TraceWriter;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventWriter;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Checklist\Reading\ChecklistReader;

/** Runs the simulated cab, and judges and keeps what was practised in it. */
final readonly class PractiseBrakes
{
    /** Time between the samples that a page plays, in ms; needles move evenly between them. */
    private const PLAY_MS = 250;

    /** Time between the samples of the trace that is shown afterwards. */
    private const TRACE_MS = 2000;

    /** Of one user: months of practice. The oldest go; a practice counts on no sheet. */
    private const MOST_KEPT = 200;

    /** Time after the last control that the trace still shows. */
    private const TAIL_MS = 2000;

    /** @param  list<BrakeEvent>  $controls */
    public function course(AirCab $cab, array $controls, int $fromMs, int $untilMs): AirCourseResource
    {
        $practice = $cab->practice();
        $trace = $practice->course($controls, $untilMs, self::PLAY_MS);
        $ahead = array_filter(
            $trace->samples,
            static fn (AirSample $sample): bool => $sample->atMs >= $fromMs - self::PLAY_MS,
        );
        $refused = $practice->refused($controls);

        return new AirCourseResource(
            array_values(
                array_map(
                    static fn (AirSample $sample): array => [
                        $sample->atMs,
                        round($sample->primaryGauge, 2),
                        round($sample->secondary, 2),
                        $sample->warning ? 1 : 0,
                    ],
                    $ahead,
                ),
            ),
            array_map(
                static fn (BrakeEvent $event): object => (object) EventWriter::write($event),
                $practice->shown($trace, $controls),
            ),
            (object) $practice->situation($trace, $controls)->states(),
            array_map(
                static fn (int $n, string $why): RefusedControlResource => new RefusedControlResource($n, $why),
                array_keys($refused),
                $refused,
            ),
        );
    }

    /**
     * @param  list<BrakeEvent>  $controls
     * @param  bool  $keep  whether the practice is over and kept, or only looked at for guidance
     * @param  string|null  $id  UUID made by the page: kept once, however often it is sent
     * @param  CabFault|null  $suspected  what the student says is wrong with a truck of which it was hidden
     */
    public function judge(
        User $by, AirCab $cab, StoredChecklist $checklist, CabHelp $help, array $controls, bool $keep, Carbon $now,
        ?string $id = null, ?CabFault $suspected = null, bool $wasHidden = false,
    ): PractisedResource {
        $practice = $cab->practice();
        $fault = HiddenFaults::fault($cab->sealed);
        $found = $fault === null || ! $wasHidden ? null : $suspected === $fault;
        $sequence = (new ChecklistReader)->readKept($checklist->document, $checklist->slug)->brakeSequence();
        $judgement = (new Judge($sequence, $cab->braked))->judge($practice->observed($controls));
        if ($keep) {
            // Found by its id, so that one that is sent twice, even at the same moment, is kept once.
            BrakePractice::query()->createOrFirst(
                ['user_id' => $by->id, 'uuid' => $id ?? (string) Str::uuid()],
                [
                    'vehicle_id' => $cab->vehicle->id,
                    'checklist_id' => $checklist->id,
                    'help' => $help,
                    'standing' => $judgement->procedure(),
                    'cause' => $judgement->procedureCause(),
                    'fault' => $fault?->label(),
                    'suspected' => $suspected?->label(),
                    'found' => $found,
                    'controls' => array_map(EventWriter::write(...), $controls),
                    'created_at' => $now,
                ],
            );
            $this->dropOldest($by);
        }
        $last = $controls === [] ? 0 : $controls[count($controls) - 1]->atMs;
        $kept = BrakePractice::query()->where('user_id', $by->id);

        return new PractisedResource(
            BrakeStepResource::all($judgement, $sequence, $cab->braked),
            $judgement->procedure(),
            $judgement->procedureCause(),
            $judgement->restarts,
            $judgement->restartsAllowed,
            $keep && $fault !== null
                ? new DiagnosisResource(
                    $fault->label(),
                    $suspected?->label(),
                    $found,
                    array_map(
                        static fn (StepVerdict $step): string => $step->test->label().': '.$step->finding,
                        $judgement->findings(),
                    ),
                )
                : null,
            array_map(
                static fn (array $row): array => [$row[0], $row[2], $row[3]],
                TraceWriter::rows($practice->course($controls, $last + self::TAIL_MS, self::TRACE_MS)),
            ),
            $kept->count(),
            $kept->where('standing', 'passed')->count(),
        );
    }

    private function dropOldest(User $of): void
    {
        $newest = BrakePractice::query()->where('user_id', $of->id)->latest('id')->limit(self::MOST_KEPT)->pluck('id');
        BrakePractice::query()->where('user_id', $of->id)->whereNotIn('id', $newest)->delete();
    }
}
