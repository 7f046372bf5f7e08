<?php

declare(strict_types=1);

namespace App\Http\Views\Brakes;

use App\Http\Resources\Brakes\AirCourseResource;
use App\Http\Resources\Brakes\BrakeStepResource;
use App\Http\Resources\Brakes\DiagnosisResource;
use App\Http\Resources\Brakes\PracticedResource;
use App\Http\Resources\Brakes\RefusedControlResource;
use App\Library\AirCab;
use App\Library\JudgedPractice;
use App\Models\BrakePractice;
use App\Models\User;
use Pasada\Core\Brakes\Air\AirSample;
use Pasada\Core\Brakes\Air\TraceWriter;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventWriter;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Brakes\Judging\StepVerdict;

/** What the page of the simulated cab is told: the course ahead, and a judged practice. */
final readonly class ReadPractice
{
    /** Time between the samples that a page plays, in ms; needles move evenly between them. */
    private const PLAY_MS = 250;

    /** Time between the samples of the trace that is shown afterwards. */
    private const TRACE_MS = 2000;

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

    /** @param  bool  $isOver  whether the practice is over, so that what was wrong is told */
    public function judged(User $by, JudgedPractice $practice, bool $isOver): PracticedResource
    {
        $controls = $practice->controls;
        $last = $controls === [] ? 0 : $controls[count($controls) - 1]->atMs;
        $course = $practice->cab->practice()->course($controls, $last + self::TAIL_MS, self::TRACE_MS);
        $kept = BrakePractice::query()->where('user_id', $by->id)->where('drill', $practice->drill);

        return new PracticedResource(
            BrakeStepResource::all($practice->judgment, $practice->sequence, $practice->cab->braked),
            $practice->judgment->procedure(),
            $practice->judgment->procedureCause(),
            $practice->judgment->restarts,
            $practice->judgment->restartsAllowed,
            $isOver ? $this->diagnosis($practice) : null,
            array_map(static fn (array $row): array => [$row[0], $row[2], $row[3]], TraceWriter::rows($course)),
            $kept->count(),
            $kept->where('standing', Standing::Passed)->count(),
        );
    }

    private function diagnosis(JudgedPractice $practice): ?DiagnosisResource
    {
        return $practice->fault === null ? null : new DiagnosisResource(
            $practice->fault->label(),
            $practice->suspected?->label(),
            $practice->found,
            array_map(
                static fn (StepVerdict $step): string => $step->test->label().': '.$step->finding,
                $practice->judgment->findings(),
            ),
            $practice->fault->toldApart(),
        );
    }
}
