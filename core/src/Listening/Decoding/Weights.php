<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

/** How much each sign counts, by name: what it is a sign of, and the sign. Learnt; the file tells how. */
final readonly class Weights
{
    /** @var array<string, array<string, float>> by what it is a sign of, then by sign */
    private array $in;

    /** @param  array<string, float>  $of  by name, as "passing at" */
    public function __construct(public array $of)
    {
        $in = [];
        foreach ($of as $name => $weight) {
            [$group, $sign] = [...explode(' ', $name, 2), ''];
            $in[$group][$sign] = $weight;
        }
        $this->in = $in;
    }

    /** @param  array<string, float>  $signs  how strongly each is there */
    public function score(string $group, array $signs): float
    {
        $weights = $this->in[$group] ?? [];
        $score = 0.0;
        foreach ($signs as $sign => $value) {
            $score += ($weights[$sign] ?? 0.0) * $value;
        }

        return $score;
    }

    /** Of the group itself, where nothing is asked. */
    public function alone(string $group): float
    {
        return $this->in[$group][''] ?? 0.0;
    }
}
