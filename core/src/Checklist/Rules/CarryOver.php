<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

use Pasada\Core\Vehicle\AxleGroup;

/** Which spoken references are credited. Without a scope none is: every axle is asked item by item. */
final readonly class CarryOver
{
    /**
     * @param  list<CarryScope>  $scopes
     * @param  array<string, list<AxleGroup>>  $from  which groups a group may refer to, by group; a group that is not
     *                                                listed may refer to any. Each only to what was walked before. Free
     *                                                of circles
     */
    public function __construct(public array $scopes, public array $from) {}

    public function allows(CarryScope $scope): bool
    {
        return in_array($scope, $this->scopes, true);
    }

    public function allowsAxles(AxleGroup $to, AxleGroup $from): bool
    {
        if ($to === $from) {
            // From one axle to another covers the partner in a tandem, too.
            return $this->allows(CarryScope::Tandem) || $this->allows(CarryScope::Axle);
        }

        return $this->allows(CarryScope::Axle) &&
            (! isset($this->from[$to->value]) || in_array($from, $this->from[$to->value], true));
    }
}
