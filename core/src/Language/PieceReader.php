<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/**
 * Reads the words of a walk in pieces: `{"pieces": [{"from_ms", "text"}, ...]}`. A piece may have, instead of its text,
 * the readings of a recognizer: `"alternatives": [{"text", "weight"}, ...]`.
 */
final readonly class PieceReader
{
    /** Half an hour at a piece in five seconds. */
    public const MOST = 400;

    /** Readings of one piece: what recognizers give. */
    private const MOST_ALTERNATIVES = 20;

    /** In all: half an hour of fast speech. */
    private const LETTERS = 40_000;

    private const LONGEST_MS = 12 * 3600 * 1000;

    public function __construct(private int $most = self::MOST, private int $mostLetters = self::LETTERS) {}

    /** Of a whole recording: twelve hours in pieces of five seconds. */
    public static function ofAll(): self
    {
        return new self(8640, 2_000_000);
    }

    /**
     * @param  array<mixed>  $document  decoded
     *
     * @throws DocumentHasFaults with every fault and its path
     */
    public function read(array $document): Transcript
    {
        $faults = new Faults;
        $root = Node::root($document, $faults);
        $pieces = is_array($document['pieces'] ?? null) ? count($document['pieces']) : 0;
        if ($pieces > $this->most) {
            $root->child('pieces')->fault(sprintf('holds %d pieces; send at most the last %d', $pieces, $this->most));
            $faults->stopIfAny('pieces');
        }
        $cues = [];
        $letters = 0;
        foreach ($root->nodes('pieces') as $node) {
            $alternatives = $this->alternatives($node);
            $cues[] = new Cue(
                $node->int('from_ms', 0, self::LONGEST_MS) / 1000,
                $alternatives === [] ? self::text($node) : self::likeliest($alternatives)->text,
                $alternatives,
            );
            $letters += strlen($cues[count($cues) - 1]->text);
        }
        if ($letters > $this->mostLetters) {
            $root
                ->child('pieces')
                ->fault(sprintf('holds %d letters; send at most %d, those said last', $letters, $this->mostLetters));
        }
        $faults->stopIfAny('pieces');

        return new Transcript($cues);
    }

    /** @return list<Alternative> their weights make 1 in sum, whatever a recognizer gave; empty for a plain text */
    private function alternatives(Node $node): array
    {
        if (! $node->has('alternatives')) {
            return [];
        }
        $alternatives = [];
        foreach ($node->nodes('alternatives') as $one) {
            $weight = $one->child('weight')->raw();
            if ((! is_int($weight) && ! is_float($weight)) || $weight <= 0 || ! is_finite((float) $weight)) {
                $one->child('weight')->fault('give a number over 0: how likely this reading is');

                continue;
            }
            $alternatives[] = new Alternative(self::text($one), (float) $weight);
        }
        if ($alternatives === [] || count($alternatives) > self::MOST_ALTERNATIVES) {
            $node->child('alternatives')->fault(
                sprintf('give 1 to %d readings, each with text and weight', self::MOST_ALTERNATIVES),
            );

            return [];
        }
        $sum = array_sum(array_column($alternatives, 'weight'));

        return array_map(
            static fn (Alternative $one): Alternative => new Alternative($one->text, $one->weight / $sum),
            $alternatives,
        );
    }

    /** @param  non-empty-list<Alternative>  $alternatives */
    private static function likeliest(array $alternatives): Alternative
    {
        usort($alternatives, static fn (Alternative $a, Alternative $b): int => $b->weight <=> $a->weight);

        return $alternatives[0];
    }

    private static function text(Node $node): string
    {
        $text = $node->string('text');
        if (preg_match('/[^\\s]{'.(CaptionText::LONGEST_WORD + 1).',}/', $text) === 1) {
            $node->child('text')->fault(
                sprintf('has a word of more than %d letters, which is no speech', CaptionText::LONGEST_WORD),
            );
        }

        return $text;
    }
}
