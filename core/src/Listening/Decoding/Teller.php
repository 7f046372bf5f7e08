<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Listening\Binding\Finding;
use Pasada\Core\Listening\Lexicon\EntryKind;
use Pasada\Core\Listening\Walking\Placed;

/** Writes down, name by name, what the best way to understand a walk says of it. */
final readonly class Teller
{
    /** Said of almost anything, and so believed even where the catalogue does not list it. */
    private const ANYWHERE = [
        Point::Mounted, Point::Intact, Point::Complete, Point::Locked, Point::NoWelds, Point::Clean, Point::Sealed,
        Point::RubberOk, Point::NoContaminant,
    ];

    private Ground $ground;

    private Measures $measures;

    private Loans $loans;

    public function __construct(private Decoder $decoder)
    {
        $this->ground = $decoder->walk->ground;
        $this->measures = new Measures($this->ground->words);
        $this->loans = new Loans($this->ground);
    }

    /** @return list<Finding> one for each name */
    public function findings(Subject $best): array
    {
        $walk = $this->decoder->walk;
        $findings = array_map(static fn (Placed $one): Finding => new Finding($one), $walk->placed);
        foreach (array_keys($walk->aside) as $name) {
            $findings[$name]->notFitted = true;
        }
        $spoken = $list = [];
        foreach ($best->path() as $step) {
            [$c, $as, $with] = [$step->clue, $step->as, $step->with];
            $clue = $walk->clues[$c];
            if ($as instanceof Target) {
                foreach ($with as $name) {
                    $this->give($findings[$name], $c, $name);
                }
                $this->measures->share($findings, $spoken, $clue, $with);

                continue;
            }
            $name = (int) $clue->name;
            $finding = $findings[$name];
            if ($this->loans->isSideOfGap($findings, $spoken, $finding)) {
                $finding->add(Point::NoGap, true, $clue->from, $clue->to);
            } elseif ($as === Role::Passing || $as === Role::Again) {
                $finding->isNoName = ! $finding->notFitted;
                if ($as === Role::Again) {
                    $findings[$list[count($list) - 1]]->reach($clue->from, $clue->to);
                }

                continue;
            }
            $list = $as === Role::Subject ? [$name] : [...$list, $name];
            $finding->listed = count($list);
            foreach ($list as $one) {
                $findings[$one]->listed = count($list);
            }
            foreach ($with as $waiting) {
                $this->give($finding, $waiting, $name);
            }
            $this->named($finding, $clue);
            $this->loans->lend($findings, $spoken, $finding, $clue);
            $spoken = [...array_slice($spoken, -7), $name];
        }

        return $findings;
    }

    private function give(Finding $finding, int $c, int $name): void
    {
        $clue = $this->decoder->walk->clues[$c];
        $fit = $this->decoder->options->fit($c, $name);
        if ($clue->isDefect) {
            $finding->defects[] = implode(
                ' ',
                array_slice($this->ground->words->text, $clue->from, $clue->to - $clue->from),
            );
            $finding->reach($clue->from, $clue->to);

            return;
        }
        if ($fit->point === null || ($finding->defects !== [] && $clue->from - $finding->to < 16)) {
            return;
        }
        if (! $fit->isListed() && ! in_array($fit->point, self::ANYWHERE, true)) {
            return;
        }
        $finding->add($fit->point, $fit->isListed(), $clue->from, $clue->to);
        if ($clue->quantity !== null) {
            $this->measures->take($finding, $clue, $fit->point);
        } elseif ($fit->point === Point::Coverage) {
            $finding->figures['percent'] ??= 100.0;
        } elseif ($clue->count !== null) {
            $finding->figures['count'] = $clue->count;
        }
    }

    /** Names that say something: "not leaning"; and those that were only named. */
    private function named(Finding $finding, Clue $clue): void
    {
        if ($finding->placed->kind === EntryKind::PartSaying) {
            foreach ($finding->placed->part->essential->points() as $point) {
                $finding->add($point, true, $clue->from, $clue->to);
            }
        }
        // "Cap is on": the name says what is said of it.
        $own = $clue->statement?->pointOf($finding->placed->part);
        if ($own !== null && $finding->placed->kind === EntryKind::PartWhereFitting) {
            $finding->add($own, true, $clue->from, $clue->to);
        }
    }
}
