<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Readiness;

use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Progress\Model\Plan;

/**
 * The chance to pass by a checklist's marks, where the chance of each item is known: shares, misses and what has to be
 * earned. Given these chances items are taken as independent; what they have in common is in the chances. Order and
 * time are in no history and are left out.
 */
final readonly class PassRule
{
    /** An attempt tells whether this would be passed where so much of it was asked. */
    private const ENOUGH = 0.9;

    private const LITTLE = 2e-4;

    /**
     * @param  list<int>  $items  numbers of those that are asked
     * @param  array<int, float>  $worth  of every item, by number
     * @param  list<Mark>  $marks
     */
    private function __construct(public array $items, public array $worth, public array $marks) {}

    /** @param  Inspection  $inspection  under the form that is drawn; its items are among those of the plan */
    public static function of(Inspection $inspection, Plan $plan): self
    {
        $rules = $inspection->checklist->rules;
        $worth = array_fill(0, count($plan->ids), 0.0);
        $all = $bySection = $byComponent = [];
        foreach ($inspection->items as $id => $item) {
            $i = $plan->numbers[$id] ?? null;
            if ($i === null || $item->bonus) {
                continue;
            }
            $worth[$i] = (float) $item->weight;
            $all[] = $i;
            $bySection[$item->section][] = $i;
            $byComponent[$item->component][] = $i;
        }
        $pass = $rules->pass;
        $marks = $pass->overallPercent === null ? [] : [Mark::share('the whole walk', $all, $pass->overallPercent)];
        if ($pass->missesAllowed !== null) {
            $marks[] = Mark::misses('the whole walk', $all, $pass->missesAllowed);
        }
        $critical = $rules->criticalSections();
        foreach ($bySection as $section => $items) {
            $name = '"'.($inspection->sections[$section]->name ?? $section).'"';
            if (in_array($section, $critical, true)) {
                $marks[] = Mark::misses($name, $items, 0);
            }
            if ($pass->percentOf($section) !== null) {
                $marks[] = Mark::share($name, $items, $pass->percentOf($section));
            }
            if ($pass->missesAllowedIn($section) !== null) {
                $marks[] = Mark::misses($name, $items, $pass->missesAllowedIn($section));
            }
        }
        foreach ($pass->criticalComponents as $component) {
            foreach ($byComponent[$component] ?? [] as $i) {
                $marks[] = Mark::misses('"'.$inspection->items[$plan->ids[$i]]->fullName().'"', [$i], 0);
            }
        }

        return new self($all, $worth, $marks === [] ? [Mark::misses('the whole walk', $all, 0)] : $marks);
    }

    /**
     * @param  array<int, float>  $chances  of every item, by number
     * @param  array<int, float>  $half  what an item is worth where it is not earned whole
     * @return array{float, array<int, float>, float, float} chance to pass; of each mark; mean and spread of the
     *   share, 0 to 1
     */
    public function chance(array $chances, array $half): array
    {
        $each = [];
        // Shares and misses of one set of items are met together or not at all: the harder one decides.
        $bySet = [];
        foreach ($this->marks as $mark) {
            $met = $mark->chance($chances, $half, $this->worth);
            $each[] = $met;
            $bySet[$mark->of] = min($bySet[$mark->of] ?? 1.0, $met);
        }
        $mean = $spread = $possible = 0.0;
        foreach ($this->items as $i) {
            [$p, $h, $w] = [$chances[$i], $half[$i], $this->worth[$i]];
            $possible += $w;
            $mean += $w * ($p + (1.0 - $p) * $h);
            $spread += $w * $w * $p * (1.0 - $p) * (1.0 - $h) ** 2;
        }
        $possible = max(1e-9, $possible);

        return [array_product($bySet), $each, $mean / $possible, sqrt($spread) / $possible];
    }

    /**
     * Whether an attempt passed by these marks; null where it was not asked enough of what they are of.
     *
     * @param  array<int, int>  $earned  thousandths of each item that was asked, by number
     */
    public function passed(array $earned): ?bool
    {
        if (count(array_intersect_key(array_flip($this->items), $earned)) < self::ENOUGH * count($this->items)) {
            return null;
        }
        foreach ($this->marks as $mark) {
            if (! $mark->isMet($earned, $this->worth)) {
                return false;
            }
        }

        return true;
    }

    /**
     * How much the chance to pass rises with the chance of each item.
     *
     * @param  array<int, float>  $chances
     * @param  array<int, float>  $half
     * @return array<int, float> by item
     */
    public function pull(array $chances, array $half): array
    {
        [$all] = $this->chance($chances, $half);
        $pull = [];
        // Far from passing no single item moves the chance; what is missed is worth practicing all the same.
        foreach ($this->items as $i) {
            $pull[$i] = self::LITTLE * $this->worth[$i];
        }
        foreach ($this->marks as $mark) {
            foreach ($mark->pull($chances, $half, $this->worth) as $i => $one) {
                $pull[$i] = ($pull[$i] ?? 0.0) + $all * $one;
            }
        }

        return $pull;
    }
}
