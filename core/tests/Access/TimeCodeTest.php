<?php

declare(strict_types=1);

use Pasada\Core\Access\TimeCode;

it('gives the codes of RFC 6238, appendix B', function (int $time, string $code): void {
    expect((new TimeCode('12345678901234567890'))->at($time, 8))->toBe($code);
})->with([
    [59, '94287082'], [1_111_111_109, '07081804'], [1_111_111_111, '14050471'], [1_234_567_890, '89005924'],
    [2_000_000_000, '69279037'], [20_000_000_000, '65353130'],
]);

it('reads Base32 as RFC 4648 has it', function (string $secret): void {
    expect(TimeCode::of($secret)->at(59, 8))->toBe('94287082');
})->with([
    'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', 'gezdgnbvgy3tqojqgezdgnbvgy3tqojq', 'GEZD GNBV GY3T QOJQ GEZD GNBV GY3T QOJQ',
]);

it('takes a code of a clock that is a minute off, once, and tells one that is five minutes off', function (): void {
    $codes = TimeCode::of($secret = TimeCode::secret());
    $now = 1_790_000_000;
    expect($secret)->toMatch('/^[A-Z2-7]{32}$/');
    foreach ([-60, -30, 0, 30, 60] as $off) {
        $step = $codes->step($codes->at($now + $off), $now, null);
        expect($step)->toBe(intdiv($now + $off, 30))
            ->and($codes->step($codes->at($now + $off), $now, $step))->toBeNull();
    }
    foreach ([300 => 5, -300 => -5, 540 => 9] as $off => $minutes) {
        expect($codes->step($codes->at($now + $off), $now, null))->toBeNull()
            ->and($codes->minutesOff($codes->at($now + $off), $now))->toBe($minutes);
    }
    expect($codes->minutesOff($codes->at($now), $now))->toBeNull()
        ->and($codes->minutesOff($codes->at($now + 3600), $now))->toBeNull();
});
