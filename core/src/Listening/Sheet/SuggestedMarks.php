<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Sheet;

use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Attempt\Marks\MarkReader;
use Pasada\Core\Inspection\Inspection;

/** What accepting every likely suggestion would mark: for practice, where nobody is there to confirm. */
final readonly class SuggestedMarks
{
    /** @param  list<Suggestion>  $suggestions */
    public static function of(Inspection $inspection, array $suggestions): MarkList
    {
        $marks = [];
        foreach ($suggestions as $one) {
            array_push($marks, ...($one->isMaybe ? [] : $one->marks));
        }
        usort($marks, static fn (array $a, array $b): int => $a['at_ms'] <=> $b['at_ms']);
        foreach ($marks as $n => $mark) {
            // Any ids serve: the marks are scored and not kept.
            $marks[$n] = ['id' => sprintf('00000000-0000-7000-8000-%012d', $n + 1), ...$mark];
        }

        return $marks === [] ? MarkList::of() : MarkList::of(...(new MarkReader($inspection))->read(
            ['marks' => $marks], null, static fn (string $id): bool => false,
        ));
    }
}
