<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Inspection\Side;
use Pasada\Core\Lights\LightPlace;

/** The defects of one replay: planted for this walk, and noticed in time. Changes while the marks are played. */
final class Defects
{
    /** @var array<string, array{string, ?Side}> what was planted and on which side, by item id */
    private array $planted = [];

    /** @var array<string, list<LightPlace>> where lamps were seen dark, by item id; none where that is not told */
    private array $dark = [];

    /** @var array<string, list<array{string, ?Side}>> what was noticed and on which side, by item id */
    private array $noticed = [];

    public function plant(ItemMark $mark): void
    {
        $this->planted[$mark->item->id] = [(string) $mark->of->text, $mark->of->side];
    }

    /** A lamp that is dark is a defect like one that was planted: it is there, and the student has to see it. */
    public function seenDark(ItemMark $mark): void
    {
        $this->dark[$mark->item->id] = array_values(array_filter(
            array_map(LightPlace::tryFrom(...), explode(' ', (string) $mark->of->text)),
        ));
    }

    /** What was planted stays: whoever planted it knows. */
    public function seenLit(ItemMark $mark): void
    {
        unset($this->dark[$mark->item->id]);
    }

    public function notice(ItemMark $mark): void
    {
        $this->noticed[$mark->item->id][] = [(string) $mark->of->text, $mark->of->side];
    }

    /** @return array<string, string> what was planted, or seen dark, by item id */
    public function planted(): array
    {
        return array_map(static fn (array $planted): string => $planted[0], $this->planted)
            + array_map(static fn (array $at): string => trim('dark '.implode(', ', array_map(
                static fn (LightPlace $place): string => $place->label(), $at,
            ))), $this->dark);
    }

    /** @return array<string, list<LightPlace>> where lamps are dark, by item id; none where that is not told */
    public function dark(): array
    {
        return $this->dark;
    }

    /** @return array<string, string> a defect of one side is not noticed on the other */
    public function noticed(): array
    {
        $noticed = [];
        foreach ($this->noticed as $id => $all) {
            $planted = $this->planted[$id][1] ?? null;
            foreach ($all as [$text, $side]) {
                if ($planted === null || $side === null || $side === $planted) {
                    $noticed[$id] = $text;
                }
            }
        }

        return $noticed;
    }
}
