<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

final readonly class Rules
{
    public function __construct(
        public CreditRule $credit,
        /** Under `essential` and `full`: an item said in part earns half instead of nothing. */
        public bool $halfForPart,
        public ReturnRule $returns,
        public AxleRule $axles,
        public PassMark $pass,
        /** Time for the whole walk; null where the state sets none. */
        public ?int $timeAllowedSeconds,
    ) {}
}
