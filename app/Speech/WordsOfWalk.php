<?php

declare(strict_types=1);

namespace App\Speech;

use App\Library\InspectionLibrary;
use App\Library\ListeningLibrary;
use App\Models\Attempt;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Listening\Account;
use Pasada\Core\Listening\Evidence;
use Pasada\Core\Listening\Sheet\SheetMatcher;
use Pasada\Core\Listening\Sheet\Suggestion;

/** What the listener hears in the words of an attempt, by its own checklist and vehicle. */
final readonly class WordsOfWalk
{
    public function __construct(private InspectionLibrary $inspections, private ListeningLibrary $listeners) {}

    /** @return array{Transcript, Account, list<Suggestion>} the transcript with one reading of each piece */
    public function heard(Attempt $attempt, Transcript $transcript): array
    {
        return $this->heardOf(
            $this->inspections->forAttempt($attempt), $this->inspections->checklistOf($attempt->checklist), $transcript,
        );
    }

    /**
     * @param  Checklist  $checklist  with its sections, which tell what a grouped item stands for
     * @return array{Transcript, Account, list<Suggestion>} the transcript with one reading of each piece
     */
    public function heardOf(Inspection $inspection, Checklist $checklist, Transcript $transcript): array
    {
        $listener = $this->listeners->forInspection($checklist, $inspection);
        $transcript = $listener->understood($transcript);
        $account = $listener->listen($transcript);

        return [$transcript, $account, (new SheetMatcher($inspection, $checklist))->suggestions($account)];
    }

    /** @return array<string, list<int>> milliseconds at which an item was said, by item */
    public function said(Attempt $attempt, Transcript $transcript): array
    {
        $said = [];
        foreach ($this->heard($attempt, $transcript)[2] as $one) {
            if ($one->item !== null) {
                $said[$one->item] = [...$said[$one->item] ?? [], ...array_map(
                    static fn (Evidence $evidence): int => (int) round($evidence->at * 1000), $one->evidence,
                )];
            }
        }

        return $said;
    }
}
