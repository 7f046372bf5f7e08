<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Sheet;

use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Listening\Account;
use Pasada\Core\Listening\Evidence;
use Pasada\Core\Listening\Proposal;

/** Finds the items of a sheet that an account speaks of, and the marks that accepting would make. */
final readonly class SheetMatcher
{
    /** @var array<string, string> component that is asked, by a part that it stands for */
    private array $groups;

    public function __construct(private Inspection $inspection, Checklist $checklist)
    {
        $groups = [];
        foreach ($checklist->sections as $section) {
            foreach ($section->stops as $stop) {
                foreach ($stop->asks as $component) {
                    foreach ($component->parts as $part) {
                        $groups[$part->id] = $component->id;
                    }
                }
            }
        }
        $this->groups = $groups;
    }

    /** @return list<Suggestion> in the order of the words */
    public function suggestions(Account $account): array
    {
        $suggestions = (new CarriedOver($this->inspection, $account))->suggestions();
        $likely = $this->byItem($account, $account->heard);
        foreach ($likely as [$item, $proposals]) {
            $suggestions[] = $this->suggestion($item, $proposals, false);
        }
        foreach (array_diff_key($this->byItem($account, $account->maybe), $likely) as [$item, $proposals]) {
            $suggestions[] = $this->suggestion($item, $proposals, true);
        }
        $lights = LightCalls::in($this->inspection, $account);
        $suggestions = [
            ...array_filter($suggestions, static fn (Suggestion $one): bool => ! $lights->took($one)),
            ...$lights->suggestions(),
        ];
        usort(
            $suggestions,
            static fn (Suggestion $a, Suggestion $b): int => $a->evidence[0]->from <=> $b->evidence[0]->from,
        );

        return $suggestions;
    }

    /**
     * @param  list<Proposal>  $proposals
     * @return array<string, array{Item, non-empty-list<Proposal>}> by item
     */
    private function byItem(Account $account, array $proposals): array
    {
        $heard = $byItem = [];
        foreach ($proposals as $proposal) {
            $items = $this->itemsOf($proposal);
            if ($items !== []) {
                $heard[] = [$proposal, $items];
            }
        }
        foreach (Turns::share($account, $heard) as [$item, $proposal]) {
            $byItem[$item->id] = [$item, [...$byItem[$item->id][1] ?? [], $proposal]];
        }

        return $byItem;
    }

    /** @return list<Item> those that a proposal may be about, in walking order */
    private function itemsOf(Proposal $proposal): array
    {
        $component = $this->groups[$proposal->component] ?? $proposal->component;

        return array_values(
            array_filter(
                $this->inspection->items,
                static fn (Item $item): bool => $item->light === null && ($item->component === $component ||
                    $item->component === $proposal->component) &&
                    ($proposal->axle === null ||
                        $item->position->group === null ||
                        $item->position->group->value === $proposal->axle),
            ),
        );
    }

    /** @param  non-empty-list<Proposal>  $proposals */
    private function suggestion(Item $item, array $proposals, bool $isMaybe): Suggestion
    {
        $telling = new Telling($item, $proposals);
        $evidence = $doubt = [];
        foreach ($proposals as $proposal) {
            $evidence = [...$evidence, ...$proposal->evidence];
            $doubt[] = 1 - $proposal->confidence;
        }
        usort($evidence, static fn (Evidence $a, Evidence $b): int => $a->from <=> $b->from);

        return new Suggestion(
            $item->id,
            $item->id,
            $telling->words(),
            round(1 - array_product($doubt), 2),
            $evidence,
            $evidence[0]->stamp($telling->marks()),
            $proposals[0]->runnerUp,
            $isMaybe,
        );
    }
}
