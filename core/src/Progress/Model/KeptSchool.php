<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Model;

/** A fitted school as plain data, so that it can be kept and answered from without fitting it again. */
final readonly class KeptSchool
{
    /** Changes when what is kept means something else; what was kept before is then fitted anew. */
    private const FORMAT = 2;

    /** @return array<string, mixed> */
    public static function write(School $school): array
    {
        return [
            'format' => self::FORMAT,
            'items' => self::digest($school->plan),
            'traits' => ['start' => $school->traits->start, ...$school->traits->values()],
            'hardness' => $school->hardness,
            'half' => $school->half,
            'strictness' => $school->strictness,
            'shift' => $school->calibration->shift,
            'slope' => $school->calibration->slope,
            'errors' => $school->calibration->errors,
        ];
    }

    /**
     * @param  array<mixed>  $kept  as written
     * @return School|null null where it is of another format or of other items than those of the plan
     */
    public static function read(array $kept, Plan $plan): ?School
    {
        if (($kept['format'] ?? null) !== self::FORMAT || ($kept['items'] ?? null) !== self::digest($plan)) {
            return null;
        }

        /** @var array{traits: array<string, float>, hardness: list<float>, half: list<float>,
         *   strictness: array<array-key, float>, shift: float, slope: float,
         *   errors: array{float, float, float}} $kept */
        return new School(
            $plan, new Traits(...$kept['traits']), $kept['hardness'], $kept['half'], $kept['strictness'],
            Calibration::by($kept['shift'], $kept['slope'], $kept['errors']),
        );
    }

    private static function digest(Plan $plan): string
    {
        return hash('xxh128', implode("\n", $plan->ids));
    }
}
