<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Checklist\Rules\PassMark;
use Pasada\Core\Checklist\Rules\SectionMark;
use Pasada\Core\Document\Node;

/** Reads a checklist's `rules.pass`. */
final readonly class PassMarkReader
{
    private const MOST_ITEMS = 1000;

    /**
     * @param  list<string>  $sections  known ids
     * @param  list<string>  $components  known ids
     */
    public function __construct(private array $sections, private array $components) {}

    public function read(Node $pass): PassMark
    {
        $pass->only(
            'overall_percent', 'section_percent', 'misses_allowed', 'section_misses_allowed', 'sections',
            'out_of_place_allowed', 'sections_out_of_place_allowed', 'critical_sections', 'critical_components', 'note',
        );
        $sections = $this->sections($pass);
        if (
            ! $pass->has('overall_percent') &&
            ! $pass->has('section_percent') &&
            ! $pass->has('misses_allowed') &&
            ! $pass->has('section_misses_allowed') &&
            $sections === []
        ) {
            $pass->fault(
                'asks for at least one of overall_percent, section_percent, misses_allowed, section_misses_allowed, '.
                    'sections',
            );
        }
        foreach (
            [
                ['critical_sections', $this->sections, 'sections'],
                ['critical_components', $this->components, 'components'],
            ] as [$key, $known, $of]
        ) {
            foreach ($pass->nodesOr($key) as $entry) {
                if (! in_array($entry->asString(), $known, true)) {
                    $entry->fault(sprintf('"%s" is not among the %s', $entry->asString(), $of));
                }
            }
        }

        return new PassMark(
            self::percent($pass, 'overall_percent'),
            self::percent($pass, 'section_percent'),
            self::items($pass, 'misses_allowed'),
            $pass->strings('critical_sections'),
            $pass->strings('critical_components'),
            self::items($pass, 'out_of_place_allowed'),
            $pass->string('note'),
            self::items($pass, 'section_misses_allowed'),
            $sections,
            self::items($pass, 'sections_out_of_place_allowed'),
        );
    }

    /** @return array<string, SectionMark> by id */
    private function sections(Node $pass): array
    {
        $marks = [];
        foreach ($pass->entries('sections') as $id => $entry) {
            if (! in_array($id, $this->sections, true)) {
                $entry->fault(sprintf('"%s" is not among the sections', $id));
            }
            $entry->only('percent', 'misses_allowed');
            if (! $entry->has('percent') && ! $entry->has('misses_allowed')) {
                $entry->fault('asks for at least one of percent, misses_allowed');
            }
            $marks[$id] = new SectionMark(self::percent($entry, 'percent'), self::items($entry, 'misses_allowed'));
        }

        return $marks;
    }

    private static function percent(Node $node, string $key): ?int
    {
        return $node->has($key) ? $node->int($key, 1, 100) : null;
    }

    private static function items(Node $node, string $key): ?int
    {
        return $node->has($key) ? $node->int($key, 0, self::MOST_ITEMS) : null;
    }
}
