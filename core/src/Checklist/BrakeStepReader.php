<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Document\Node;

/** Reads one entry of `rules.brake_tests.steps`. */
final readonly class BrakeStepReader
{
    /** No gauge and no stopwatch of these tests shows more. */
    private const MOST = 200;

    private const MOST_RPM = 3000;

    /** A minute that may be half as long is none. */
    private const MOST_SLACK_SECONDS = 15;

    public function read(Node $node): StepChoice
    {
        $node->only(
            'test', 'low', 'high', 'single_low', 'single_high', 'say', 'needs', 'from_psi', 'least_rpm', 'build_from_psi', 'build_to_psi', 'slack_seconds', 'first_drop',
        );
        [$low, $high] = self::range($node, 'low', 'high');
        [$singleLow, $singleHigh] = self::range($node, 'single_low', 'single_high');
        [$buildFrom, $buildTo] = self::range($node, 'build_from_psi', 'build_to_psi');

        return new StepChoice(
            $node->enum('test', BrakeTest::class), $low, $high,
            $node->has('say') ? $node->enums('say', Spoken::class) : null, $node->has('needs') ? $node->enums('needs', StateNeed::class) : null,
            self::limit($node, 'from_psi', self::MOST), self::limit($node, 'slack_seconds', self::MOST_SLACK_SECONDS),
            $node->choiceOr('first_drop', ['left-out', 'counted'], 'left-out') === 'counted',
            $singleLow, $singleHigh, self::limit($node, 'least_rpm', self::MOST_RPM), $buildFrom, $buildTo,
        );
    }

    /** @return array{?float, ?float} */
    private static function range(Node $node, string $lowKey, string $highKey): array
    {
        [$low, $high] = [self::limit($node, $lowKey, self::MOST), self::limit($node, $highKey, self::MOST)];
        if ($low !== null && $high !== null && $low > $high) {
            $node->child($lowKey)->fault(sprintf('is above %s', $highKey));
        }

        return [$low, $high];
    }

    private static function limit(Node $node, string $key, int $most): ?float
    {
        $thousandths = $node->thousandths($key);
        if ($thousandths !== null && ($thousandths < 0 || $thousandths > $most * 1000)) {
            $node->child($key)->fault(sprintf('must lie between 0 and %d', $most));
        }

        return $thousandths === null ? null : $thousandths / 1000;
    }
}
