<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Checklist\Component;
use Pasada\Core\Checklist\Rules\Rules;
use Pasada\Core\Checklist\Section;
use Pasada\Core\Document\Node;

/** Finds rules of a checklist that cannot be kept together, so that nobody is failed by the list itself. */
final readonly class Contradictions
{
    /**
     * @param  array<string, Component>  $components  by id
     * @param  list<Section>  $sections
     */
    public function __construct(private array $components, private array $sections) {}

    public function fault(Rules $rules, Node $node): void
    {
        $this->weightless($rules, $node->child('pass'));
        if ($rules->brakes !== null) {
            (new BrakeContradictions($this->sections))->fault($rules->brakes, $node->child('brake_tests'));
        }
    }

    /** What counts for nothing can neither be met nor missed. */
    private function weightless(Rules $rules, Node $pass): void
    {
        foreach ($rules->pass->criticalComponents as $n => $id) {
            $component = $this->components[$id] ?? null;
            if ($component !== null && ($component->weight === 0 || $component->bonus)) {
                $pass
                    ->nodesOr('critical_components')[$n]->fault(
                        sprintf(
                            '"%s" %s, so it cannot be critical; give it a weight or leave it out',
                            $id,
                            $component->bonus ? 'is extra credit' : 'has the weight 0',
                        ),
                    );
            }
        }
        foreach ($this->sections as $section) {
            if (! in_array($section->id, $rules->pass->criticalSections, true)) {
                continue;
            }
            foreach ($section->stops as $stop) {
                foreach ($stop->asks as $component) {
                    if ($component->weight === 0) {
                        $pass
                            ->child('critical_sections')
                            ->fault(
                                sprintf(
                                    '"%s" holds "%s", which has the weight 0 and cannot be critical; give it a '.
                                        'weight or ask it elsewhere',
                                    $section->id,
                                    $component->id,
                                ),
                            );
                    }
                }
            }
        }
    }
}
