<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/**
 * What a step asks for, in the words of the yard: cautions first, then the states of the cab, what to do and what to
 * say.
 */
final readonly class StepInstructions
{
    /** @return list<string> */
    public static function of(StepRule $rule, bool $combination): array
    {
        $procedure = $rule->test->procedure();
        $states = array_map(
            static fn (StateNeed $need): string => $need->label($combination, $rule->leastRpm),
            $rule->needs,
        );
        $from =
            $rule->fromPsi === null ? [] : [sprintf('at least %s psi to begin with', ShortNumber::of($rule->fromPsi))];
        $say = array_map(static fn (Spoken $spoken): string => 'says '.$spoken->label(), $rule->say);

        return [
            $procedure->kind()->caution(), ...$states, ...$from, ...$procedure->actions($rule, $combination), ...$say,
        ];
    }
}
