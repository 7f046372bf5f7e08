<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

use Pasada\Core\Document\Node;

/**
 * The axles of a unit. Axles of one group that are listed together are a span, as a tandem is; a lift axle, which may
 * be up while the others carry, is a span of its own.
 */
final class AxlesReader
{
    /** @var array<string, int> axles so far, by span: one may go on in the next unit */
    private array $counts = [];

    /** @return list<Axle> from front to back */
    public function read(Node $node, UnitName $name, BrakeSystem $brakes): array
    {
        $axles = $ofSpan = [];
        foreach ($node->nodes('axles') as $axle) {
            $group = $this->group($axle, $name->kind);
            $features = $this->features($axle, $group, $brakes);
            [$span, $label] = $this->span($group, in_array(Feature::LiftAxle, $features, true), $name);
            $number = $this->counts[$span] = ($this->counts[$span] ?? 0) + 1;
            $ofSpan[$span] = $number;
            $axles[] = [$axle->thousandths('at_ft') ?? 0, $group, FeatureSet::of(...$features), $span, $label, $number];
        }
        $named = [];
        foreach ($axles as [$at, $group, $features, $span, $label, $number]) {
            $named[] = new Axle(
                $group === AxleGroup::Steer && $number === 1 ? $span : $span.'-'.$number, $group, $at, $features,
                $this->label($label, $number, $ofSpan[$span], $name), $span, $label,
            );
        }

        return $named;
    }

    private function group(Node $axle, UnitKind $unit): AxleGroup
    {
        $axle->only(
            'group', 'at_ft', 'suspension', 'brakes', 'wheels', 'hub', 'auto_inflation', 'hub_meter', 'lift',
            'steerable',
        );
        $group = $axle->enum('group', AxleGroup::class);
        if (($group === AxleGroup::Trailer) === $unit->isPowered()) {
            $axle
                ->child('group')
                ->fault(
                    $unit->isPowered() ? 'a tractor or truck has steer and drive axles' : 'a trailer has trailer axles',
                );
        }

        return $group;
    }

    /** @return list<Feature> */
    private function features(Node $axle, AxleGroup $group, BrakeSystem $brakes): array
    {
        $features = [$brakes->atAxles(), Feature::from('axle:'.$group->value)];
        foreach (
            [
                'suspension' => ['spring', 'air'],
                'brakes' => ['drum', 'disc'],
                'wheels' => ['single', 'dual'],
                'hub' => ['hub-seal', 'axle-seal'],
            ] as $key => $choices
        ) {
            $features[] = FeatureReader::choice($axle, $key, $key, $choices);
        }
        foreach (
            [
                'auto_inflation' => Feature::AutoInflation,
                'hub_meter' => Feature::HubMeter,
                'lift' => Feature::LiftAxle,
                'steerable' => Feature::SteerableAxle,
            ] as $key => $feature
        ) {
            if ($axle->boolOr($key, false)) {
                $features[] = $feature;
                $isForOthers = $feature === Feature::LiftAxle || $feature === Feature::SteerableAxle;
                if ($isForOthers && $group === AxleGroup::Steer) {
                    $axle->child($key)->fault('is for drive and trailer axles: a steer axle stays down and steers');
                }
            }
        }

        return $features;
    }

    /** @return array{string, string} id of the span, and as it is read */
    private function span(AxleGroup $group, bool $isLift, UnitName $unit): array
    {
        if ($unit->isOneOfSeveral) {
            return $isLift
                ? [$unit->id.'-lift', $unit->label.' lift axle']
                : [$unit->id.'-axle', $unit->label.' axle'];
        }

        return match (true) {
            ! $isLift => [$group->value, $group->label()],
            $group === AxleGroup::Trailer => ['trailer-lift', 'trailer lift axle'],
            default => ['drive-lift', 'lift axle'],
        };
    }

    /** "drive axle 2"; of one among several units "second trailer, rear axle". */
    private function label(string $span, int $number, int $count, UnitName $unit): string
    {
        return match (true) {
            ! $unit->isOneOfSeveral => $span.($span === AxleGroup::Steer->label() && $number === 1 ? '' : ' '.$number),
            $count === 1 => $span,
            $count > 2 => $unit->label.', '.trim(substr($span, strlen($unit->label))).' '.$number,
            default => sprintf(
                '%s, %s %s', $unit->label, $number === 1 ? 'front' : 'rear',
                trim(substr($span, strlen($unit->label))),
            ),
        };
    }
}
