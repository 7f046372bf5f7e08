<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\Draft;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\JoinClause;
use LogicException;
use stdClass;

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

    /** The oldest step that is kept: what the draft began as, but for very long ones. */
    public function first(Draft $draft): string
    {
        $steps = $this->database->table('draft_steps')->where('draft_id', $draft->id);
        $document = $steps->orderBy('step')->value('document');

        return is_string($document) ? $document : throw new LogicException('A draft has lost all its steps.');
    }

    /**
     * The names that drafts give their documents, without loading these.
     *
     * @param  list<Draft>  $drafts
     * @return array<string, string> by the draft's id; none where a document has no name
     */
    public function names(array $drafts): array
    {
        $named = $this->database
            ->table('drafts')
            ->join('draft_steps', static function (JoinClause $join): void {
                $join->on('draft_steps.draft_id', '=', 'drafts.id')->on('draft_steps.step', '=', 'drafts.step');
            })
            ->whereIn('drafts.id', array_map(static fn (Draft $draft): string => $draft->id, $drafts))
            ->selectRaw("drafts.id as id, json_value(draft_steps.document, '$.name') as name")
            ->get();
        $names = [];
        /** @var stdClass&object{id: string, name: string|null} $row */
        foreach ($named as $row) {
            if ($row->name !== null) {
                $names[$row->id] = $row->name;
            }
        }

        return $names;
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
    public function neighbors(Draft $draft): array
    {
        $steps = $this->database->table('draft_steps')->where('draft_id', $draft->id);

        return [
            $steps->clone()->where('step', '<', $draft->step)->exists(),
            $steps->clone()->where('step', '>', $draft->step)->exists(),
        ];
    }
}
