<?php

declare(strict_types=1);

namespace App\Actions\Progress;

use App\Exceptions\IdIsTaken;
use App\Library\InspectionLibrary;
use App\Models\Rehearsal;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Progress\Rehearsed;
use App\Speech\WordsOfWalk;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Scope;
use Pasada\Core\Language\PieceReader;
use Pasada\Core\Listening\Sheet\SuggestedMarks;
use Pasada\Core\Scoring\ScoreSheet;

/** Listens to what a student rehearses alone, and keeps how far it went; no walk and no score comes of it. */
final readonly class Rehearse
{
    public function __construct(
        private InspectionLibrary $inspections, private WordsOfWalk $words, private ConnectionInterface $database,
    ) {}

    /**
     * Every time with all words so far. Fewer than are kept come from a page that was slow: what is kept stays.
     *
     * @param  array<mixed>  $pieces  as PieceReader reads them
     *
     * @throws DocumentHasFaults if this vehicle has nothing of the scope, or the pieces are none
     * @throws IdIsTaken if another rehearsal has this id
     */
    public function handle(
        string $id, Student $student, StoredChecklist $checklist, StoredVehicle $vehicle, Scope $scope, array $pieces,
        Carbon $now,
    ): Rehearsed {
        // Nobody is told here what is wrong with a vehicle that is still to be walked.
        $whole = $this->inspections->of($checklist, $vehicle)->withoutDefects();
        $inspection = $scope->in($whole) ?? throw DocumentHasFaults::in('rehearsal', [Fault::at('scope', sprintf(
            '"%s" is nothing of this vehicle; choose the whole, a section, a place or an axle of it', $scope->written(),
        ))]);

        $before = Rehearsal::query()->find($id);
        $pieces = $before !== null && count($pieces) < $before->pieces ? $before->words : $pieces;
        // Before the row is held: listening to a whole walk takes a while.
        $sheet = $this->sheet($inspection, $this->inspections->checklistOf($checklist), $pieces);
        $known = [
            'student_id' => $student->id, 'checklist_id' => $checklist->id, 'vehicle_id' => $vehicle->id,
            'scope' => $scope->written(),
        ];
        $kept = $this->database->transaction(static function () use (
            $id, $known, $pieces, $sheet, $now, $scope, $whole, $inspection,
        ): Rehearsal {
            Rehearsal::query()->firstOrCreate(['id' => $id], [
                ...$known, 'label' => $scope->label($whole), 'asked' => count($inspection->items), 'begun_at' => $now,
                'changed_at' => $now,
            ]);
            $query = Rehearsal::query()->whereKey($id);
            $query->lockForUpdate();
            $held = $query->firstOrFail();
            if ($held->only(array_keys($known)) !== $known) {
                throw IdIsTaken::byRehearsal($id);
            }
            if (count($pieces) >= $held->pieces) {
                $held->update([
                    'words' => $pieces, 'pieces' => count($pieces), 'whole' => $sheet->overall->whole,
                    'permille' => $sheet->overall->permille(), 'changed_at' => $now,
                ]);
            }

            return $held;
        });
        assert($kept instanceof Rehearsal);

        return new Rehearsed($kept, $inspection, $sheet);
    }

    /** @param  array<mixed>  $pieces */
    private function sheet(Inspection $inspection, Checklist $checklist, array $pieces): ScoreSheet
    {
        $suggestions = $pieces === [] ? [] : $this->words->heardOf(
            $inspection, $checklist, PieceReader::ofAll()->read(['pieces' => $pieces]),
        )[2];

        return ScoreSheet::ofInspection($inspection, SuggestedMarks::of($inspection, $suggestions));
    }
}
