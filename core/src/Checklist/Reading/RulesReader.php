<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Checklist\Rules\AxleRule;
use Pasada\Core\Checklist\Rules\BrakeRules;
use Pasada\Core\Checklist\Rules\BrakeSequence;
use Pasada\Core\Checklist\Rules\BrakeWeight;
use Pasada\Core\Checklist\Rules\CarryOver;
use Pasada\Core\Checklist\Rules\CarryScope;
use Pasada\Core\Checklist\Rules\CreditRule;
use Pasada\Core\Checklist\Rules\Direction;
use Pasada\Core\Checklist\Rules\LightAsk;
use Pasada\Core\Checklist\Rules\LightRule;
use Pasada\Core\Checklist\Rules\NotFittedRule;
use Pasada\Core\Checklist\Rules\NoticedDefect;
use Pasada\Core\Checklist\Rules\OrderRule;
use Pasada\Core\Checklist\Rules\RecitedOver;
use Pasada\Core\Checklist\Rules\ReturnRule;
use Pasada\Core\Checklist\Rules\Rules;
use Pasada\Core\Checklist\Rules\SideRule;
use Pasada\Core\Checklist\Rules\TandemOrder;
use Pasada\Core\Checklist\Rules\TugSequence;
use Pasada\Core\Checklist\Rules\WalkOrder;
use Pasada\Core\Checklist\Rules\WrongRule;
use Pasada\Core\Document\Node;
use Pasada\Core\Vehicle\AxleGroup;

/** Reads a checklist's `rules`. */
final readonly class RulesReader
{
    private const LONGEST_WALK_SECONDS = 4 * 3600;

    private const KEYS = [
        'credit', 'half_for_part', 'returns', 'axles', 'sides', 'carry_over', 'order', 'wrong', 'not_fitted', 'defects',
        'brake_tests', 'aid', 'pass', 'time_allowed_seconds', 'over_time', 'lights', 'reasons',
    ];

    /**
     * @param  list<string>  $sections  known ids
     * @param  list<string>  $components  known ids
     */
    public function __construct(private array $sections, private array $components) {}

    public function read(Node $node): Rules
    {
        $node->only(...self::KEYS);
        $defects = $node->child('defects');
        if ($node->has('defects')) {
            $defects->only('recited_over', 'noticed');
        }

        return new Rules(
            $node->enum('credit', CreditRule::class),
            $node->boolOr('half_for_part', false),
            $node->enum('returns', ReturnRule::class),
            $node->enum('axles', AxleRule::class),
            $node->enumOr('sides', SideRule::One),
            $this->carryOver($node),
            $this->order($node),
            $node->enumOr('wrong', WrongRule::Point),
            $node->enumOr('not_fitted', NotFittedRule::ByVehicle),
            $defects->enumOr('recited_over', RecitedOver::Full),
            $defects->enumOr('noticed', NoticedDefect::Nothing),
            $node->has('brake_tests') ? $this->brakes($node->child('brake_tests')) : null,
            $node->choiceOr('aid', ['none', 'unmarked-list'], 'none') === 'unmarked-list',
            (new PassMarkReader($this->sections, $this->components))->read($node->child('pass')),
            $node->has('time_allowed_seconds')
                ? $node->int('time_allowed_seconds', 60, self::LONGEST_WALK_SECONDS)
                : null,
            $node->choiceOr('over_time', ['remark', 'fails'], 'remark') === 'fails',
            $this->reasons($node),
            $this->lights($node),
        );
    }

    private function lights(Node $rules): LightRule
    {
        $node = $rules->child('lights');
        if (! $rules->has('lights')) {
            return new LightRule(LightAsk::One, false);
        }
        $node->only('ask', 'order');

        return new LightRule(
            $node->enum('ask', LightAsk::class),
            $node->choiceOr('order', ['function', 'route'], 'function') === 'route',
        );
    }

    private function carryOver(Node $rules): CarryOver
    {
        $node = $rules->child('carry_over');
        if (! $rules->has('carry_over')) {
            return new CarryOver([], []);
        }
        $node->only('scopes', 'from');
        $from = [];
        foreach ($node->entries('from') as $to => $entry) {
            if (AxleGroup::tryFrom($to) === null) {
                $entry->fault('is no group of axles; it may be steer, drive or trailer');
            }
            $from[$to] = $node->child('from')->enums($to, AxleGroup::class);
        }
        foreach (array_keys($from) as $group) {
            if ($this->leadsTo($from, $group, $group, [])) {
                $node
                    ->child('from')
                    ->child($group)
                    ->fault('refers back to itself in a circle; an axle can only refer to one that was said before it');
            }
        }

        return new CarryOver($node->enums('scopes', CarryScope::class), $from);
    }

    /**
     * @param  array<string, list<AxleGroup>>  $from
     * @param  list<string>  $seen
     */
    private function leadsTo(array $from, string $group, string $goal, array $seen): bool
    {
        foreach ($from[$group] ?? [] as $next) {
            if (
                $next->value === $goal ||
                (! in_array($next->value, $seen, true) &&
                    $this->leadsTo($from, $next->value, $goal, [...$seen, $next->value]))
            ) {
                return true;
            }
        }

        return false;
    }

    private function order(Node $rules): WalkOrder
    {
        $node = $rules->child('order');
        if ($rules->has('order')) {
            $node->only('sections', 'items', 'direction', 'tandem');
        }

        return new WalkOrder(
            $node->choiceOr('sections', ['fixed', 'free'], 'fixed') === 'fixed',
            $node->enumOr('items', OrderRule::Fixed),
            $node->enumOr('direction', Direction::Kept),
            $node->enumOr('tandem', TandemOrder::Kept),
        );
    }

    private function brakes(Node $node): BrakeRules
    {
        $node->only('section', 'sequence', 'tug', 'restarts', 'restart_from', 'weight', 'steps');
        $this->known($node->child('section'), $this->sections, 'sections');

        return new BrakeRules(
            $node->string('section'),
            $node->enumOr('sequence', BrakeSequence::Any),
            $node->enumOr('tug', TugSequence::Any),
            $node->intOr('restarts', 0, BrakeRules::MOST_RESTARTS, 0),
            $node->enumOr('weight', BrakeWeight::Counted),
            array_map((new BrakeStepReader)->read(...), $node->nodesOr('steps')),
            $node->has('restart_from') ? $node->enum('restart_from', BrakeTest::class) : null,
        );
    }

    /** @return array<string, string> */
    private function reasons(Node $rules): array
    {
        $reasons = [];
        foreach ($rules->entries('reasons') as $rule => $entry) {
            if (! in_array($rule, self::KEYS, true) || $rule === 'reasons') {
                $entry->fault('names no rule');
            }
            $reasons[$rule] = $entry->asString();
        }

        return $reasons;
    }

    /** @param  list<string>  $known */
    private function known(Node $entry, array $known, string $of): void
    {
        if (! in_array($entry->asString(), $known, true)) {
            $entry->fault(sprintf('"%s" is not among the %s', $entry->asString(), $of));
        }
    }
}
