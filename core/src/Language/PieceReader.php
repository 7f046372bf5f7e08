<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/**
 * Reads the words of a walk that goes on: `{"pieces": [{"from_ms", "text"}, ...]}`, at least those of the last minutes.
 */
final readonly class PieceReader
{
    /** Half an hour at a piece in five seconds. */
    public const MOST = 400;

    /** In all: half an hour of fast speech. */
    private const MOST_LETTERS = 40_000;

    private const LONGEST_MS = 12 * 3600 * 1000;

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
        if ($pieces > self::MOST) {
            $root->child('pieces')->fault(sprintf('holds %d pieces; send at most the last %d', $pieces, self::MOST));
            $faults->stopIfAny('pieces');
        }
        $cues = [];
        $letters = 0;
        foreach ($root->nodes('pieces') as $node) {
            $cue = new Cue($node->int('from_ms', 0, self::LONGEST_MS) / 1000, $node->string('text'));
            $letters += strlen($cue->text);
            if (preg_match('/[^\\s]{'.(CaptionText::LONGEST_WORD + 1).',}/', $cue->text) === 1) {
                $node
                    ->child('text')
                    ->fault(
                        sprintf(
                            'has a word of more than %d letters, which is no speech',
                            CaptionText::LONGEST_WORD,
                        ),
                    );
            }
            $cues[] = $cue;
        }
        if ($letters > self::MOST_LETTERS) {
            $root
                ->child('pieces')
                ->fault(sprintf('holds %d letters; send at most %d, those said last', $letters, self::MOST_LETTERS));
        }
        $faults->stopIfAny('pieces');

        return new Transcript($cues);
    }
}
