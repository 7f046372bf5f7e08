<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** What must be reached to pass. Null means that this is not asked. At least one of the shares and misses is set. */
final readonly class PassMark
{
    /**
     * @param  list<string>  $criticalSections  ids of sections in which every item must be earned
     * @param  list<string>  $criticalComponents  components that must be earned wherever they are asked
     * @param  array<string, SectionMark>  $sections  sections with a mark of their own, by id
     */
    public function __construct(
        /** Share of all that can be earned, in percent. */
        public ?int $overallPercent,
        /** Share of what each section holds, in percent, where it has no mark of its own. */
        public ?int $sectionPercent,
        /** Items not earned whole that are still let pass. */
        public ?int $missesAllowed,
        public array $criticalSections,
        public array $criticalComponents,
        /** Items out of place that are still let pass. */
        public ?int $outOfPlaceAllowed,
        /** Why these marks and who sets them; shown wherever a verdict is. */
        public string $note,
        /** Items not earned whole that are still let pass in each section, where it has no mark of its own. */
        public ?int $sectionMissesAllowed = null,
        public array $sections = [],
        /** Sections out of place that are still let pass. */
        public ?int $sectionsOutOfPlaceAllowed = null,
    ) {}

    /** The share asked of a section, in percent. */
    public function percentOf(string $section): ?int
    {
        return $this->sections[$section]->percent ?? $this->sectionPercent;
    }

    /** The misses allowed in a section. */
    public function missesAllowedIn(string $section): ?int
    {
        return $this->sections[$section]->missesAllowed ?? $this->sectionMissesAllowed;
    }
}
