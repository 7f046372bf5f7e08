<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Exceptions\DraftHasMovedOn;
use App\Library\DraftStore;
use App\Models\Draft;
use Closure;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Pasada\Core\Checklist\Reading\ItemTable;
use stdClass;

/**
 * Changes a draft, whatever the change is. What is wrong in it is kept all the same and told when it is read: nothing
 * typed is lost.
 */
final readonly class ChangeDraft
{
    public function __construct(private ConnectionInterface $database, private DraftStore $drafts) {}

    /** @throws DraftHasMovedOn if somebody else changed it meanwhile */
    public function save(Draft $draft, stdClass $document, int $seen): void
    {
        $this->change($draft, $seen, fn (Draft $held) => $this->drafts->append($held, DraftDocument::text($document)));
    }

    /**
     * Lays a table of items over a draft of a checklist; a DocumentHasFaults names the line of every fault, and the
     * draft is unchanged then.
     *
     * @throws DraftHasMovedOn if somebody else changed it meanwhile
     */
    public function table(Draft $draft, string $csv, int $seen): void
    {
        $this->change($draft, $seen, function (Draft $held) use ($csv): void {
            $before = json_decode($this->drafts->document($held), true);
            $text = DraftDocument::text(ItemTable::mergeInto(is_array($before) ? $before : [], $csv));
            $held->kind->check($text, 'table');
            $this->drafts->append($held, $text);
        });
    }

    /**
     * @param  int  $by  -1 to undo, 1 to redo; nothing happens where there is no such step
     *
     * @throws DraftHasMovedOn if somebody else changed it meanwhile
     */
    public function move(Draft $draft, int $by, int $seen): void
    {
        $this->change($draft, $seen, fn (Draft $held) => $this->drafts->move($held, $by));
    }

    /**
     * One change after the other, each made on the step that its maker saw.
     *
     * @param  Closure(Draft): mixed  $change
     *
     * @throws DraftHasMovedOn if the draft shows another step than the one seen
     * @throws ModelNotFoundException if the draft was put in force or deleted meanwhile
     */
    private function change(Draft $draft, int $seen, Closure $change): void
    {
        $this->database->transaction(function () use ($draft, $seen, $change): void {
            $held = Draft::hold($draft->id);
            if ($held->step !== $seen) {
                throw DraftHasMovedOn::of($draft->id);
            }
            $change($held);
            $draft->refresh();
        });
    }
}
