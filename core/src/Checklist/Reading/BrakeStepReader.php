<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Limits;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Document\Node;

/** Reads one entry of `rules.brake_tests.steps`. */
final readonly class BrakeStepReader
{
    public function read(Node $node): StepChoice
    {
        $node->only(
            'test', 'low', 'high', 'single_low', 'single_high', 'say', 'needs', 'from_psi', 'least_rpm',
            'build_from_psi', 'build_to_psi', 'slack_seconds', 'first_drop',
        );

        return new StepChoice(
            $node->enum('test', BrakeTest::class),
            self::limits($node, 'low', 'high'),
            self::limits($node, 'single_low', 'single_high'),
            $node->has('say') ? $node->enums('say', Spoken::class) : null,
            $node->has('needs') ? $node->enums('needs', StateNeed::class) : null,
            self::limit($node, 'from_psi'),
            self::limit($node, 'slack_seconds'),
            $node->choiceOr('first_drop', ['left-out', 'counted'], 'left-out') === 'counted',
            self::limit($node, 'least_rpm'),
            self::limits($node, 'build_from_psi', 'build_to_psi'),
        );
    }

    private static function limits(Node $node, string $low, string $high): Limits
    {
        return new Limits(self::limit($node, $low), self::limit($node, $high));
    }

    private static function limit(Node $node, string $key): ?float
    {
        $thousandths = $node->thousandths($key);

        return $thousandths === null ? null : $thousandths / 1000;
    }
}
