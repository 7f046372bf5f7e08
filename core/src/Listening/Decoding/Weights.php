<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

/** How much each sign counts, by name. Learnt; the file tells how. */
final readonly class Weights
{
    /** @param  array<string, float>  $of */
    public function __construct(public array $of) {}

    /** @param  array<string, float>  $signs  how strongly each is there */
    public function score(array $signs): float
    {
        $score = 0.0;
        foreach ($signs as $name => $value) {
            $score += ($this->of[$name] ?? 0.0) * $value;
        }

        return $score;
    }
}
