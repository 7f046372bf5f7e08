<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Listening\Binding\Finding;

/** Carries what was said of the parts before over to those of which "same" is said. */
final readonly class Repeats
{
    /**
     * "Turn signals, same deal": what was said of the parts before is said of these.
     *
     * @param  list<Finding>  $findings
     * @param  list<array{int, int, string}>  $references
     */
    public static function give(array $findings, array $references): void
    {
        foreach ($references as [$from, , $kind]) {
            if ($kind !== 'same_as_before') {
                continue;
            }
            $target = $source = null;
            foreach ($findings as $finding) {
                if ($finding->placed->mention->to <= $from && $from - $finding->to < 6) {
                    [$source, $target] = [
                        $target !== null && $target->placed->part->lends === null ? $target : $source,
                        $finding,
                    ];
                } elseif (
                    $finding->placed->mention->to <= $from &&
                    $finding->points !== [] &&
                    $finding->placed->part->lends === null
                ) {
                    $source = $finding;
                }
            }
            $targets = $target === null ? [] : self::chain($target, $findings);
            $source =
                $source !== null && in_array($source, $targets, true)
                    ? self::stated($targets[count($targets) - 1], $findings)
                    : $source;
            if ($source === null || $source === $target) {
                continue;
            }
            foreach ($targets as $one) {
                foreach (array_keys($source->points) as $code) {
                    if ($one->placed->part->points->has(Point::from($code))) {
                        $one->add(Point::from($code), true, $from, $from + 1);
                    }
                }
            }
        }
    }

    /**
     * "Drag link, tie rod: same": parts named one after the other without a word about them.
     *
     * @param  list<Finding>  $findings
     * @return non-empty-list<Finding> the last one first
     */
    private static function chain(Finding $last, array $findings): array
    {
        $chain = [$last];
        foreach (array_reverse($findings) as $finding) {
            $next = $chain[count($chain) - 1]->placed->mention;
            $mention = $finding->placed->mention;
            if ($mention->to <= $next->from && $next->from - $mention->to <= 1 && $finding->points === []) {
                $chain[] = $finding;
            }
        }

        return $chain;
    }

    /**
     * The nearest part before one of which something was said.
     *
     * @param  list<Finding>  $findings
     */
    private static function stated(Finding $before, array $findings): ?Finding
    {
        $stated = null;
        foreach ($findings as $finding) {
            if (
                $finding->placed->mention->to <= $before->placed->mention->from &&
                $finding->points !== [] &&
                $finding->placed->part->lends === null
            ) {
                $stated = $finding;
            }
        }

        return $stated;
    }
}
