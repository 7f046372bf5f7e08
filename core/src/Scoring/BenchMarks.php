<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Outcome;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Inspection\Inspection;

/** The marks that the brake bench makes on a score sheet: of its judged steps, and of what was seen at the wheels. */
final readonly class BenchMarks
{
    private const CHOCKS_SET = 'safety.chocks_set';

    private const CHOCKS_REMOVED = 'safety.chocks_removed';

    /**
     * The chocks are items of their own: who saw them go in and out at the bench need not mark them again.
     *
     * @param  list<BrakeEvent>  $events  in the order in which they were seen
     * @return list<array<string, mixed>> in the open format, without id and time
     */
    public static function ofChocks(array $events, Inspection $inspection): array
    {
        $seen = [];
        foreach ($events as $event) {
            if ($event->kind === EventKind::Chocks) {
                // Out only counts once they were in.
                $component = $event->to === 'in' ? self::CHOCKS_SET : self::CHOCKS_REMOVED;
                $seen[$component] = $component === self::CHOCKS_SET || isset($seen[self::CHOCKS_SET]);
            }
        }
        $marks = [];
        foreach ($inspection->items as $item) {
            if ($seen[$item->component] ?? false) {
                $marks[] = ['kind' => MarkKind::HeardWhole->value, 'item' => $item->id];
            }
        }

        return $marks;
    }

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
