<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\Draft;
use Illuminate\Database\ConnectionInterface;
use LogicException;

/** The steps of drafts: every change is kept, so that undo and redo outlive a reload. */
final readonly class DraftStore
{
    /** Beyond this the oldest steps are dropped. */
    private const MOST_STEPS = 100;

    public function __construct(private ConnectionInterface $database) {}

    public function document(Draft $draft): string
    {
        $document = $this->database
            ->table('draft_steps')
            ->where('draft_id', $draft->id)
            ->where('step', $draft->step)
            ->value('document');

        return is_string($document) ? $document : throw new LogicException('A draft has lost the step that it shows.');
    }

    /** Adds a step after the one shown; what was undone is gone then. */
    public function append(Draft $draft, string $document): void
    {
        $steps = $this->database->table('draft_steps')->where('draft_id', $draft->id);
        $steps->clone()->where('step', '>', $draft->step)->delete();
        $steps
            ->clone()
            ->where('step', '<=', $draft->step + 1 - self::MOST_STEPS)
            ->delete();
        $this->database
            ->table('draft_steps')
            ->insert(['draft_id' => $draft->id, 'step' => $draft->step + 1, 'document' => $document]);
        $draft->update(['step' => $draft->step + 1]);
    }

    /** @return bool whether there was such a step */
    public function move(Draft $draft, int $by): bool
    {
        $there = $this->database
            ->table('draft_steps')
            ->where('draft_id', $draft->id)
            ->where('step', $draft->step + $by)
            ->exists();
        if ($there) {
            $draft->update(['step' => $draft->step + $by]);
        }

        return $there;
    }

    /** @return array{bool, bool} whether there is a step before, and one after */
    public function neighbours(Draft $draft): array
    {
        $steps = $this->database->table('draft_steps')->where('draft_id', $draft->id);

        return [
            $steps->clone()->where('step', '<', $draft->step)->exists(),
            $steps->clone()->where('step', '>', $draft->step)->exists(),
        ];
    }
}
