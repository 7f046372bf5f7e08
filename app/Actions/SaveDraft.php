<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\DraftStore;
use App\Models\Draft;
use Illuminate\Database\ConnectionInterface;
use Pasada\Core\Checklist\ItemTable;
use Pasada\Core\Document\DocumentHasFaults;

/** Adds a step to a draft. What is wrong in it is kept all the same and told when it is read: nothing typed is lost. */
final readonly class SaveDraft
{
    public function __construct(private ConnectionInterface $database, private DraftStore $drafts) {}

    /**
     * @param  int  $seen  the step that the change was made on
     *
     * @throws DraftHasMovedOn if somebody else changed it meanwhile
     */
    public function handle(Draft $draft, \stdClass $document, int $seen): void
    {
        $this->database->transaction(function () use ($draft, $document, $seen): void {
            Draft::query()->whereKey($draft->id)->lockForUpdate()->value('step');
            $draft->refresh();
            if ($draft->step !== $seen) {
                throw DraftHasMovedOn::of($draft->id);
            }
            $this->drafts->append($draft, DraftDocument::text($document));
        });
    }

    /**
     * Lays a table of items over a draft of a checklist.
     *
     * @throws DocumentHasFaults with the line of every fault; the draft is unchanged then
     */
    public function table(Draft $draft, string $csv): void
    {
        $before = json_decode($this->drafts->document($draft), true);
        $text = DraftDocument::text(ItemTable::lay(is_array($before) ? $before : [], $csv));
        $draft->kind->check($text, 'table');
        $this->drafts->append($draft, $text);
    }
}
