<?php

declare(strict_types=1);

namespace Pasada\Core\Listing;

/** One line of a list: a part with what the line tells of it. */
final readonly class ListedPart
{
    /** Choices besides the id of a component: made new, or not taken over. */
    public const MAKE_NEW = 'new';

    public const LEAVE_OUT = 'skip';

    /**
     * @param  list<string>  $points  codes; empty for those that the part usually has
     * @param  list<string>  $axles  groups; empty where the line does not tell
     * @param  list<string>  $forms  names of the forms it is drawn in; empty for always
     */
    public function __construct(
        public int $line, public string $section, public string $text, public RecognizedPart $recognized,
        /** Id of the component, or one of the choices above. */
        public string $choice,
        /** A person said so, or there is no doubt. */
        public bool $isSettled,
        public array $points, public array $axles, public ?int $worth, public array $forms, public bool $isCritical,
    ) {}
}
