<?php

declare(strict_types=1);

namespace App\Actions\Record;

use App\Actions\Walk\RecordMarks;
use App\Actions\Walk\StartAttempt;
use App\Exceptions\IdIsTaken;
use App\Library\InspectionLibrary;
use App\Library\MarkStore;
use App\Models\Attempt;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Attempt\Marks\SaidWhen;
use Ramsey\Uuid\Uuid;

/**
 * Takes in a walk that was scored on a paper checklist: all of it, or nothing, and once however often it is sent. What
 * was heard is known, when is not; the record says so, and nothing is told of order or pace.
 */
final readonly class EnterPaper
{
    public function __construct(
        private ConnectionInterface $database, private StartAttempt $start, private RecordMarks $marks,
        private InspectionLibrary $inspections, private MarkStore $store,
    ) {}

    /** @throws IdIsTaken if the id belongs to a walk that was not on paper, or to a sheet with other marks */
    public function handle(User $by, PaperSheet $paper): Attempt
    {
        /** @var Attempt $entered */
        $entered = $this->database->transaction(function () use ($by, $paper): Attempt {
            $attempt = $this->start->handle(
                $paper->id, $by, $paper->student, $paper->checklist, $paper->vehicle, $paper->startedAt, $paper->form,
                mode: $paper->mode,
            );
            if (! $attempt->wasRecentlyCreated) {
                return $this->store->read($attempt->id)[0]->has(self::id($paper, MarkKind::Finished, ''))
                    ? $attempt
                    : throw IdIsTaken::byAttempt($paper->id);
            }
            $attempt->update(['on_paper' => true]);
            $this->marks->handle($attempt, $by, $attempt->id, ['marks' => $this->marksOf($attempt, $paper)]);

            return $attempt;
        });

        return $entered;
    }

    /** @return list<array<string, mixed>> in the open format, with ids that follow from the sheet's */
    private function marksOf(Attempt $attempt, PaperSheet $paper): array
    {
        $first = $this->inspections->forAttempt($attempt)->places[0]->id;
        $marks = [self::mark($paper, MarkKind::PlaceEntered, $first, 0, ['place' => $first])];
        foreach ($paper->heard as $n => $one) {
            $fields = ['item' => $one['item'], 'said' => SaidWhen::InTime->value];
            $marks[] = $one['points'] === null
                ? self::mark($paper, MarkKind::HeardWhole, (string) $n, 0, $fields)
                : self::mark($paper, MarkKind::PointsHeard, (string) $n, 0, [...$fields, 'points' => $one['points']]);
        }
        $end = $paper->minutes * 60_000;
        if ($paper->note !== '') {
            $marks[] = self::mark($paper, MarkKind::Note, '', $end, ['text' => $paper->note]);
        }
        $marks[] = self::mark($paper, MarkKind::Finished, '', $end, []);

        return $marks;
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function mark(PaperSheet $paper, MarkKind $kind, string $of, int $atMs, array $fields): array
    {
        return [
            'id' => self::id($paper, $kind, $of), 'at_ms' => $atMs, 'kind' => $kind->value,
            ...$fields,
        ];
    }

    /** Follows from all that stands on the sheet, so that another one under the same id is told from it. */
    private static function id(PaperSheet $paper, MarkKind $kind, string $of): string
    {
        return Uuid::uuid5($paper->id, "{$paper->digest()} $kind->value $of")->toString();
    }
}
