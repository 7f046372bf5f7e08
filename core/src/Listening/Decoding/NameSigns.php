<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Listening\Lexicon\EntryKind;
use Pasada\Core\Listening\Walking\Placed;

/** The signs that a name plays one role or another. */
final readonly class NameSigns
{
    /** Words before a name that is spoken of from here on. */
    private const OPENS = [
        'my' => true, 'next' => true, 'now' => true, 'then' => true, 'here' => true, 'okay' => true, 'so' => true,
        'this' => true, 'your' => true, 'our' => true, 'got' => true, 'have' => true, 'there' => true,
    ];

    /** Before a name: it is where something is fastened or happens, and not what is spoken of. */
    private const AT = [
        'against' => true, 'hit' => true, 'hits' => true, 'under' => true, 'behind' => true, 'near' => true,
        'by' => true, 'on' => true, 'in' => true, 'of' => true, 'at' => true, 'with' => true, 'between' => true,
        'around' => true, 'beside' => true, 'inside' => true, 'over' => true, 'above' => true, 'below' => true,
        'for' => true, 'into' => true, 'onto' => true, 'through' => true, 'along' => true,
    ];

    private const TO = ['to' => true, 'off' => true, 'from' => true];

    /** Behind "bolted" and the like: what a part is fastened to. */
    private const FASTENS = [
        'to' => true, 'on' => true, 'onto' => true, 'in' => true, 'with' => true, 'by' => true, 'at' => true,
        'into' => true,
    ];

    /** What a part does to another: "that clamp the spring". */
    private const DOES = [
        'hold' => true, 'holds' => true, 'holding' => true, 'clamp' => true, 'clamps' => true, 'turn' => true,
        'turns' => true, 'drives' => true, 'moves' => true, 'push' => true, 'pushes' => true, 'covers' => true,
        'supports' => true, 'keeps' => true, 'connects' => true, 'cools' => true, 'feeds' => true, 'works' => true,
        'release' => true, 'releases' => true, 'stops' => true, 'carries' => true, 'joins' => true, 'reaches' => true,
        'touch' => true, 'touches' => true, 'touching' => true, 'rub' => true, 'rubbing' => true, 'forgot' => true,
        'forget' => true, 'skip' => true, 'skipped' => true, 'like' => true, 'than' => true, 'operates' => true,
        'locks' => true, 'attaches' => true, 'pull' => true, 'pulls' => true, 'set' => true, 'fills' => true,
    ];

    private const MOVES = [
        'on' => true, 'over' => true, 'down' => true, 'move' => true, 'moving' => true, 'go' => true, 'going' => true,
        'back' => true, 'come' => true, 'coming' => true, 'get' => true, 'next' => true, 'up' => true, 'is' => true,
        'are' => true, 'out' => true,
    ];

    /** Cost, in hundredths, at which a name is as likely none. */
    private const DEAR = 100;

    public function __construct(private Ground $ground) {}

    /**
     * Those that do not hang on what is spoken of.
     *
     * @param  Clue|null  $next  the clue behind it
     * @param  Clue|null  $stated  the statement right before it in its sentence
     * @return array<string, float>
     */
    public function ofWords(Clue $clue, Placed $placed, ?Clue $next, ?Clue $stated): array
    {
        $before = $this->ground->before($clue->from);
        $word = $this->ground->word($before);
        $earlier = $this->ground->word($before - 1);
        $breaks = $this->ground->stopsBetween($before + 1, $clue->from) > 0;
        $comma = $this->ground->commasBetween($before + 1, $clue->from) > 0;
        $isAt = ! $breaks && ! $comma
            && (isset(self::TO[$word]) || (isset(self::AT[$word]) && ! isset(self::MOVES[$earlier])));
        $plain = $this->ground->word($clue->from - 1);
        $isOpenedBefore = in_array($plain, ['the', 'is', 'a'], true)
            && isset(self::OPENS[$this->ground->word($clue->from - 2)]);

        $isFastened = $stated?->statement?->points[0] === Point::Mounted && isset(self::FASTENS[$word]);
        $isStatedNext = $next !== null && $next->states() && $next->name === null && $next->from - $clue->to <= 4
            && $this->ground->stopsBetween($clue->to, $next->from) === 0;
        $isApart = $next !== null && $this->ground->commasBetween($clue->to, $next->from) > 0;

        return array_filter(
            [
                'cost' => $placed->cost / self::DEAR,
                'sound' => $placed->mention->candidates[$placed->part->id][0] > 0.0 ? 1.0 : 0.0,
                'shared' => $placed->kind === EntryKind::PartWhereFitting ? 1.0 : 0.0,
                'saying' => $placed->kind === EntryKind::PartSaying ? 1.0 : 0.0,
                'hardware' => $placed->part->isHardware && $placed->kind === EntryKind::PartWhereFitting ? 1.0 : 0.0,
                'place' => $placed->mention->isPlace ? 1.0 : 0.0,
                'opened' => isset(self::OPENS[$plain]) || $isOpenedBefore ? 1.0 : 0.0,
                'sentence' => $this->ground->isStop($clue->from) ? 1.0 : 0.0,
                'comma' => $comma ? 1.0 : 0.0,
                'at' => $isAt ? 1.0 : 0.0,
                'to' => $isAt && isset(self::TO[$word]) ? 1.0 : 0.0,
                'fastened' => $isAt && $isFastened ? 1.0 : 0.0,
                'stated of it' => $isAt && $stated !== null && ! $isFastened ? 1.0 : 0.0,
                'done to' => ! $breaks && isset(self::DOES[$word]) ? 1.0 : 0.0,
                'stated' => $isStatedNext ? 1.0 : 0.0,
                'stated apart' => $isStatedNext && $isApart ? 1.0 : 0.0,
                'named next' => $next?->name !== null && $next->from - $clue->to <= 2 ? 1.0 : 0.0,
            ],
            static fn (float $sign): bool => $sign !== 0.0,
        );
    }

    /**
     * Those that hang on what is spoken of.
     *
     * @param  list<Placed>  $placed  all names
     * @return array<string, float>
     */
    public function ofSubject(Role $role, Clue $clue, Subject $subject, array $placed): array
    {
        $last = $subject->lastName();
        if ($last === null) {
            return ['first' => 1.0];
        }
        $one = $placed[(int) $clue->name];
        $of = $placed[$last];
        $gap = $clue->from - $of->mention->to;
        $signs = [
            'related' => $of->part->family() === $one->part->family() ? 1.0 : 0.0,
            'near' => $gap <= 3 ? 1.0 : 0.0,
        ];
        if ($role === Role::Member) {
            $other = $this->ground->otherBetween($of->mention->to, $clue->from);
            $signs['listed'] = $other === 0 ? 1.0 : 0.0;
            $signs['talk between'] = min(8, $other) / 4;
            $signs['bare sentences'] = $other === 0 && $this->ground->isStop($clue->from) ? 1.0 : 0.0;
            $signs['stop'] = (float) min(2, $this->ground->stopsBetween($of->mention->to, $clue->from));
            $signs['size'] = count($subject->names) > 1 ? 1.0 : 0.0;
        } elseif ($role === Role::Subject) {
            $signs['leaves unstated'] = $subject->isOpen ? 1.0 : 0.0;
        } elseif ($role === Role::Passing) {
            $signs['beside'] = $clue->from - $subject->end <= 4 ? 1.0 : 0.0;
            $signs['unstated'] = $subject->isOpen ? 1.0 : 0.0;
            $signs['elsewhere'] = $of->part->zone !== $one->part->zone ? 1.0 : 0.0;
        }

        return $signs;
    }
}
