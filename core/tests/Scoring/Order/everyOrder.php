<?php

declare(strict_types=1);

/**
 * @template T
 *
 * @param  list<T>  $of
 * @return Generator<list<T>> every order in which they can stand
 */
function everyOrder(array $of): Generator
{
    if ($of === []) {
        yield [];
    }
    foreach ($of as $n => $first) {
        $rest = $of;
        unset($rest[$n]);
        foreach (everyOrder(array_values($rest)) as $order) {
            yield [$first, ...$order];
        }
    }
}
