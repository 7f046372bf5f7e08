<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

use Pasada\Core\Vehicle\AxleGroup;

/** Which spoken references are credited. Without a scope none is: every axle is asked item by item. */
final readonly class CarryOver
{
    /**
     * @param  list<CarryScope>  $scopes
     * @param  array<string, list<AxleGroup>>  $from  which groups a group may refer to, by group; a group that is not
     *                                                listed may refer to any that is walked before it. Free of circles
     */
    public function __construct(public array $scopes, public array $from) {}

    public function allows(CarryScope $scope): bool
    {
        return in_array($scope, $this->scopes, true);
    }

    public function allowsAxles(AxleGroup $to, AxleGroup $from): bool
    {
        if ($to === $from) {
            return $this->allows(CarryScope::Tandem);
        }

        return $this->allows(CarryScope::Axle) && (! isset($this->from[$to->value]) || in_array($from, $this->from[$to->value], true));
    }
}
