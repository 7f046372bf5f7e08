<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Brakes\Judging\Outcome;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Inspection\Inspection;

/** The marks that a judged step makes on a score sheet. */
final readonly class BenchMarks
{
    /**
     * @return list<array<string, mixed>> in the open format, without id and time; empty where the sheet does not ask
     *   the test
     */
    public static function of(StepVerdict $step, Inspection $inspection): array
    {
        $component = $step->test->component();
        foreach ($inspection->items as $item) {
            if ($item->component !== $component) {
                continue;
            }

            return match ($step->outcome) {
                Outcome::Met => [['kind' => MarkKind::HeardWhole->value, 'item' => $item->id]],
                Outcome::Broken => [
                    [
                        'kind' => MarkKind::SaidWrong->value,
                        'item' => $item->id,
                        'points' => array_map(static fn ($point): string => $point->value, $item->essential->points()),
                        'text' => $step->what,
                    ],
                ],
                Outcome::NotYet, Outcome::NotDone, Outcome::NotJudged => [],
            };
        }

        return [];
    }
}
