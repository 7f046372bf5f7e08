<?php

declare(strict_types=1);

namespace Pasada\Core\Coaching;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/** The usual words for each point, read from catalogue/points.json. */
final readonly class Phrasebook
{
    /**
     * @param  array<string, array{label: string, say: string, fault: string|null}>  $phrases  by point code;
     *   every point is present
     */
    private function __construct(private array $phrases) {}

    /** @throws DocumentHasFaults if a point is missing, unknown or without words */
    public static function read(string $json, string $name = 'points.json'): self
    {
        $faults = new Faults;
        $root = Node::parse($json, $faults);
        $root->only('points');
        $phrases = [];
        foreach ($root->entries('points') as $code => $node) {
            $node->only('label', 'say', 'fault');
            if (Point::tryFrom($code) === null) {
                $node->fault('is not a known point');
            }
            $phrases[$code] = [
                'label' => $node->string('label'),
                'say' => $node->string('say'),
                'fault' => $node->has('fault') ? $node->string('fault') : null,
            ];
        }
        foreach (Point::cases() as $point) {
            if (! isset($phrases[$point->value])) {
                $root->child('points')->fault(sprintf('has no words for "%s"', $point->value));
            }
        }
        $faults->stopIfAny($name);

        return new self($phrases);
    }

    /** Two or three words for a button. */
    public function label(Point $point): string
    {
        return $this->phrases[$point->value]['label'];
    }

    /** What is wrong with a part of which the point is not so; null where nothing can be. */
    public function fault(Point $point): ?string
    {
        return $this->phrases[$point->value]['fault'];
    }

    /** What a student says; may hold `{figure}` and `{drive}`. */
    public function say(Point $point): string
    {
        return $this->phrases[$point->value]['say'];
    }
}
