<?php

declare(strict_types=1);

namespace App\Actions\Walk;

use App\Library\MarkStore;
use App\Lights\LightTask;
use App\Models\LightHelper;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;

/** Keeps what a helper outside saw of a light, as a mark of the walk. */
final readonly class AnswerLight
{
    public function __construct(private RecordMarks $record, private MarkStore $store, private LightTask $task) {}

    /**
     * Sent twice, it is kept once.
     *
     * @throws DocumentHasFaults if the item is no light of this walk
     */
    public function handle(LightHelper $helper, string $id, string $item, bool $works): void
    {
        if (! $this->task->asks($helper, $item)) {
            throw DocumentHasFaults::in('answer', [Fault::at('item', 'is no light of this check; load the page anew')]);
        }
        [$marks] = $this->store->read($helper->attempt_id);
        if ($marks->has($id)) {
            return;
        }
        // The helper's phone has no clock of the walk: it was seen after all that was marked before.
        $this->record->handle($helper->attempt, $helper->attempt->scorer, $helper->id, ['marks' => [[
            'id' => $id, 'at_ms' => $marks->lastAtMs(), 'item' => $item, 'evidence' => LightTask::EVIDENCE,
            'kind' => ($works ? MarkKind::LampLit : MarkKind::LampDark)->value,
        ]]]);
    }
}
