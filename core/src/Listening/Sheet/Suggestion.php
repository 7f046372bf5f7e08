<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Sheet;

use Pasada\Core\Listening\Evidence;

/** A proposal as it would be marked on a sheet. */
final readonly class Suggestion
{
    /**
     * @param  list<Evidence>  $evidence
     * @param  list<array<string, mixed>>  $marks  in the open format, without ids: what accepting it marks
     */
    public function __construct(
        /** The same for the same part of the same recording. */
        public string $key,
        /** Item that it is about; null for a reference, which is about a place. */
        public ?string $item,
        public string $said,
        public float $confidence,
        public array $evidence,
        public array $marks,
        /** Name of the next best part, where it is close. */
        public ?string $runnerUp,
        /** Too little was said to tell whether it was meant. */
        public bool $isMaybe = false,
    ) {}
}
