<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Sheet;

use Pasada\Core\Inspection\Item;
use Pasada\Core\Listening\Account;
use Pasada\Core\Listening\Evidence;
use Pasada\Core\Listening\Proposal;

/**
 * Which axle of a tandem, or which side, was spoken of, where a sheet asks them one by one: by the words that tell, and
 * where none tell, in the order said. A part that is gone through again after another one is the next one's.
 */
final class Turns
{
    /** Words between "passenger side" and a part away from the axles within which it is that side's. */
    private const SIDE_REACH = 30;

    private readonly WhichOne $which;

    /** @var array<string, Turn> by axle group; away from the axles by component */
    private array $turns = [];

    /** @var array<string, array<int, non-empty-list<Evidence>>> by item and proposal */
    private array $given = [];

    /** Component that was spoken of last. */
    private string $before = '';

    /** Key of the turn that was spoken of last, the word from which on it was, and the word after the last one. */
    private string $at = '';

    private int $since = 0;

    private int $end = 0;

    private function __construct(Account $account)
    {
        $this->which = WhichOne::in($account->words);
    }

    /**
     * @param  list<array{Proposal, non-empty-list<Item>}>  $heard  proposals with the items that they may be about, in
     *   walking order
     * @return list<array{Item, Proposal}>
     */
    public static function share(Account $account, array $heard): array
    {
        $turns = new self($account);
        $told = [];
        foreach ($heard as $n => [$proposal, $items]) {
            foreach ($proposal->evidence as $evidence) {
                $told[] = [$evidence, $n, $items];
            }
        }
        usort($told, static fn (array $a, array $b): int => $a[0]->from <=> $b[0]->from);
        foreach ($told as [$evidence, $n, $items]) {
            $turns->give($evidence, $n, $items);
        }
        $shared = [];
        foreach ($heard as $n => [$proposal, $items]) {
            foreach ($items as $item) {
                $evidence = $turns->given[$item->id][$n] ?? [];
                if ($evidence !== []) {
                    $shared[] = [$item, $proposal->restingOn($evidence)];
                }
            }
        }

        return $shared;
    }

    /** @param  non-empty-list<Item>  $items */
    private function give(Evidence $evidence, int $proposal, array $items): void
    {
        $first = $items[0];
        $key = $first->position->group->value ?? ($first->position->unit === null ? $first->component : 'units');
        if ($key !== $this->at) {
            $this->since = $this->end;
        }
        $turn = $this->turns[$key] ??= new Turn();
        if (count($items) > 1) {
            $this->listen($turn, $evidence, $first->position->group !== null);
            if ($this->before !== $first->component && $turn->isAgain($first->component, $evidence)) {
                $turn->next($first->position->side !== null);
            }
        }
        $turn->hear($first->component, $evidence);
        [$this->at, $this->before, $this->end] = [$key, $first->component, max($this->end, $evidence->to)];
        $this->given[$turn->of($items)->id][$proposal][] = $evidence;
    }

    /** Takes what is told of the axle and the side since the place was last spoken of. */
    private function listen(Turn $turn, Evidence $evidence, bool $isAtAxle): void
    {
        $axle = $isAtAxle
            ? $this->which->axle(max($this->since, $turn->axleTold + 1), $evidence->to)
            : null;
        if ($axle !== null) {
            $turn->goTo($axle[1], $axle[0]);
        }
        $unit = $this->which->unit($this->since, $evidence->to);
        if ($unit !== null) {
            $turn->goAlong($unit[1], $unit[0]);
        }
        $side = $this->which->side(
            $isAtAxle ? $this->since : max(0, $evidence->from - self::SIDE_REACH),
            $evidence->to,
        );
        if ($side !== null) {
            $turn->turnTo($side[1], $side[0]);
        }
        $ofName = $this->which->sideOfName($evidence->from);
        if ($ofName !== null) {
            $turn->turnTo($ofName, $evidence->from);
        }
    }
}
