<?php

declare(strict_types=1);

namespace Pasada\Core\Listing;

use Pasada\Core\Checklist\Zone;
use Pasada\Core\Document\Fault;

/** The parts of a checklist as a list has them: components, sections with their stops, forms, and what is critical. */
final class ListDocument
{
    private const LONGEST_ID = 50;

    /** Points of a part that nobody knows, until somebody chooses others. */
    private const NEW_POINTS = ['mounted', 'intact'];

    /** @var array<string, array<mixed>> by id, in the order of the list */
    private array $components = [];

    /** @var array<string, string> names by section id */
    private array $sections = [];

    /**
     * @var array<string, array<string, array{
     *    id: string, name: string, zone: string, axles?: string, asks: list<string>,
     * }>> by section and stop
     */
    private array $stops = [];

    /** @var array<string, array<string, true>> forms by section id; "" for always */
    private array $forms = [];

    /** @var array<string, true> */
    private array $critical = [];

    /** @var array<string, array{int, string}> line and name, by stop and component */
    private array $asked = [];

    /** @var array<string, string> section that a stop belongs to, by its id */
    private array $stopOf = [];

    /** @var list<Fault> */
    private array $faults = [];

    private function __construct(private readonly KnownParts $known) {}

    /**
     * @param  list<ListedPart>  $parts
     * @return array{array<string, mixed>, list<Fault>} what a checklist's document gets of it, by its keys, with
     *   `critical_components`; and what is wrong
     */
    public static function of(array $parts, KnownParts $known): array
    {
        $made = new self($known);
        $names = [];
        foreach ($parts as $part) {
            if ($part->choice === ListedPart::LEAVE_OUT) {
                continue;
            }
            $key = strtolower($part->section.' '.$part->text);
            if (isset($names[$key]) && $part->choice === ListedPart::MAKE_NEW) {
                $made->faults[] = Fault::at(
                    "line {$part->line}",
                    sprintf(
                        '"%s" stands in line %d of "%s" already; name it otherwise or leave it out',
                        $part->text, $names[$key], $part->section,
                    ),
                );
            }
            $names[$key] ??= $part->line;
            $made->add($part);
        }

        return [$made->written(), $made->faults];
    }

    private function add(ListedPart $part): void
    {
        $id = $part->choice === ListedPart::MAKE_NEW ? $this->newId($part->text) : $part->choice;
        $section = $this->section($part->section);
        $this->components[$id] ??= $this->component($id, $part);
        if ($part->isCritical) {
            $this->critical[$id] = true;
        }
        foreach ($part->forms === [] ? [''] : $part->forms as $form) {
            $this->forms[$section][$form] = true;
        }
        foreach ($this->stops($id, $part, $section) as $stop) {
            $this->ask($section, $stop, $id, $part);
        }
    }

    /** @param  array{id: string, name: string, zone: string, axles?: string}  $stop */
    private function ask(string $section, array $stop, string $id, ListedPart $part): void
    {
        $key = $this->stopId($section, $stop['id']);
        $this->stops[$section][$key] ??= [...$stop, 'id' => $key, 'asks' => []];
        $place = ($stop['axles'] ?? '').' '.$id;
        if (isset($this->asked[$place])) {
            [$line, $name] = $this->asked[$place];
            $this->faults[] = Fault::at(
                "line {$part->line}",
                sprintf(
                    '"%s" is the same part as "%s" in line %d; choose another part for one of them, or leave it out',
                    $part->text, $name, $line,
                ),
            );

            return;
        }
        $this->asked[$place] = [$part->line, $part->text];
        $this->stops[$section][$key]['asks'][] = $id;
    }

    /** @return array<mixed> as a checklist writes it */
    private function component(string $id, ListedPart $part): array
    {
        $known = $this->known->components[$id] ?? ['id' => $id, 'essential' => self::NEW_POINTS];
        $component = [...$known, 'id' => $id, 'name' => $part->text];
        if ($part->points !== []) {
            $component['essential'] = $part->points;
            unset($component['further']);
        }
        $points = [
            ...is_array($component['essential'] ?? null) ? $component['essential'] : [],
            ...is_array($component['further'] ?? null) ? $component['further'] : [],
        ];
        foreach (['say', 'point_needs'] as $byPoint) {
            if (is_array($component[$byPoint] ?? null)) {
                $left = array_intersect_key($component[$byPoint], array_flip(array_filter($points, is_string(...))));
                $component[$byPoint] = $left;
                if ($left === []) {
                    unset($component[$byPoint]);
                }
            }
        }
        if (! in_array('drive', $points, true)) {
            unset($component['drive']);
        }

        return $part->worth === null || $part->worth === 1 ? $component : [...$component, 'weight' => $part->worth];
    }

    /**
     * A known part is asked where it usually is; a new one where the part before it in its section is.
     *
     * @return non-empty-list<array{id: string, name: string, zone: string, axles?: string}>
     */
    private function stops(string $id, ListedPart $part, string $section): array
    {
        $usual = $this->known->stops($id, $part->axles);
        if ($usual !== []) {
            return $usual;
        }
        $last = array_key_last($this->stops[$section] ?? []);
        if ($last === null) {
            return [['id' => $section, 'name' => $part->section, 'zone' => Zone::Front->value]];
        }
        $stop = $this->stops[$section][$last];
        unset($stop['asks']);

        return [$stop];
    }

    private function section(string $name): string
    {
        $id = self::slug($name, '-');
        $this->sections[$id] ??= $name;

        return $id;
    }

    /** Stops have ids of their own throughout a checklist. */
    private function stopId(string $section, string $usual): string
    {
        $id = $usual;
        for ($n = 2; ($this->stopOf[$id] ?? $section) !== $section; $n++) {
            $id = $usual.'-'.$n;
        }
        $this->stopOf[$id] = $section;

        return $id;
    }

    private function newId(string $name): string
    {
        $slug = substr('own.'.self::slug((string) preg_replace('/\d+/', ' ', $name), '_'), 0, self::LONGEST_ID - 3);
        $id = rtrim($slug, '_');
        for ($n = 0; isset($this->components[$id]); $n++) {
            $id = rtrim($slug, '_').'_'.chr(97 + intdiv($n, 26)).chr(97 + $n % 26);
        }

        return $id;
    }

    private static function slug(string $name, string $joint): string
    {
        $slug = trim((string) preg_replace('/[^a-z0-9]+/', $joint, strtolower($name)), $joint);

        return $slug === '' ? 'part' : $slug;
    }

    /** @return array<string, mixed> */
    private function written(): array
    {
        $sections = [];
        foreach ($this->sections as $id => $name) {
            $stops = array_values(
                array_filter($this->stops[$id] ?? [], static fn (array $stop): bool => $stop['asks'] !== []),
            );
            if ($stops !== []) {
                $sections[] = ['id' => $id, 'name' => $name, 'stops' => $stops];
            }
        }

        return [
            'components' => array_values($this->components),
            'sections' => $sections,
            'forms' => $this->forms(array_column($sections, 'id')),
            'critical_components' => array_keys($this->critical),
        ];
    }

    /**
     * A section is drawn as a whole: it belongs to every form that one of its parts is said to belong to.
     *
     * @param  list<string>  $sections
     * @return array<string, mixed>|null null where nothing is drawn
     */
    private function forms(array $sections): ?array
    {
        $always = $drawn = [];
        foreach ($sections as $section) {
            $of = $this->forms[$section] ?? [];
            if (isset($of['']) || $of === []) {
                $always[] = $section;
            }
            foreach (array_keys($of) as $form) {
                if ($form !== '' && ! isset($of[''])) {
                    $drawn[$form][] = $section;
                }
            }
            if (isset($of['']) && count($of) > 1) {
                $this->faults[] = Fault::at(
                    '',
                    sprintf(
                        'in "%s" some parts are drawn and some always asked; a section is drawn as a whole: put them '.
                            'into two sections',
                        $this->sections[$section],
                    ),
                );
            }
        }
        ksort($drawn);
        $draw = [];
        foreach ($drawn as $form => $of) {
            $draw[] = [
                'id' => self::slug($form, '-'), 'name' => 'Form '.$form, 'sections' => $of, 'weight' => 1,
            ];
        }

        return $draw === [] ? null : ['always' => $always, 'draw' => $draw];
    }
}
